package happysaucer.core.water;

import org.hipparchus.ode.ODEState;
import org.hipparchus.ode.OrdinaryDifferentialEquation;
import org.hipparchus.ode.nonstiff.DormandPrince853Integrator;

/** The same equations by a well-kept adaptive integrator. */
final class ByLibrary {
  private ByLibrary() {}

  /** Litres in ball, ring and top, so many days after all were full. */
  static double[] after(Planted.Stores caps, DryDown.Drive drive, double days) {
    DryDown model = new DryDown(caps, drive);
    OrdinaryDifferentialEquation equations =
        new OrdinaryDifferentialEquation() {
          @Override
          public int getDimension() {
            return 3;
          }

          @Override
          public double[] computeDerivatives(double day, double[] store) {
            return model.slopes(day, store[0], store[1], store[2]);
          }
        };
    return new DormandPrince853Integrator(1e-8, 0.5, 1e-13, 1e-13)
        .integrate(
            equations, new ODEState(0, new double[] {caps.ball(), caps.ring(), caps.top()}), days)
        .getPrimaryState();
  }
}
