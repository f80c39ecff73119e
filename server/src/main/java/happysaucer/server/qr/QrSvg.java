package happysaucer.server.qr;

import com.google.zxing.common.BitMatrix;

/** A code as a drawing for a screen. */
public final class QrSvg {
  private QrSvg() {}

  public static String of(String text) {
    BitMatrix modules = Qr.modules(text);
    StringBuilder path = new StringBuilder();
    for (int y = 0; y < modules.getHeight(); y++) {
      for (int x = 0; x < modules.getWidth(); x++) {
        if (modules.get(x, y)) {
          path.append("M%d %dh1v1h-1z".formatted(x, y));
        }
      }
    }
    return """
        <svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 %d %d" shape-rendering="crispEdges">\
        <rect width="100%%" height="100%%" fill="#fff"/><path d="%s"/></svg>"""
        .formatted(modules.getWidth(), modules.getHeight(), path);
  }
}
