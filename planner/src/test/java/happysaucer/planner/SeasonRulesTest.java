package happysaucer.planner;

import static happysaucer.planner.Season.ANNE;
import static happysaucer.planner.Season.BEN;
import static happysaucer.planner.Season.HALL;
import static happysaucer.planner.Season.STAIR;
import static happysaucer.planner.Season.WEIGHTS;
import static happysaucer.planner.Season.at;
import static happysaucer.planner.Season.job;
import static happysaucer.planner.Season.slot;

import ai.timefold.solver.test.api.score.stream.ConstraintVerifier;
import org.junit.jupiter.api.Test;

/** Each rule where it penalises, and where it does not. */
class SeasonRulesTest {
  private final ConstraintVerifier<SeasonRules, SeasonPlan> rules =
      ConstraintVerifier.build(new SeasonRules(), SeasonPlan.class, PlanJob.class);

  private static PlanJob work(int index, PlanSite site, int minutes, Slot slot) {
    return at(job(index, site, minutes, 10, 1, 0), slot);
  }

  @Test
  void minutesOfTheCrewCountTheWayToEachSiteOnce() {
    Slot monday = slot(0, ANNE);
    rules
        .verifyThat(SeasonRules::crewMinutes)
        .given(work(0, HALL, 190, monday), work(1, HALL, 200, monday))
        .penalizesBy(0);
    rules
        .verifyThat(SeasonRules::crewMinutes)
        .given(work(0, HALL, 190, monday), work(1, STAIR, 200, monday))
        .penalizesBy(190 + 200 + 30 + 50 - 420);
    rules
        .verifyThat(SeasonRules::crewMinutes)
        .given(work(0, HALL, 190, monday), work(1, STAIR, 200, slot(1, ANNE)))
        .penalizesBy(0);
  }

  @Test
  void aJobForTwoTakesTheMinutesOfBoth() {
    rules
        .verifyThat(SeasonRules::crewMinutes)
        .given(work(0, HALL, 400, slot(0, ANNE, BEN)))
        .penalizesBy(2 * (400 + 30 - 420));
  }

  @Test
  void theVanOfWhoeverLeadsHoldsOnlySoMuch() {
    Slot monday = slot(0, ANNE);
    PlanJob one = at(job(0, HALL, 10, 250, 1, 0), monday);
    PlanJob other = at(job(1, STAIR, 10, 200, 1, 0), monday);
    rules.verifyThat(SeasonRules::vanLitres).given(one, other).penalizesBy(50);
    rules.verifyThat(SeasonRules::vanLitres).given(one, at(other, slot(0, BEN))).penalizesBy(0);
  }

  @Test
  void theVanCarriesOnlySoMuch() {
    PlanJob heavy =
        job(0, HALL, new PlanJob.Demand(10, 1, 0, 10, 200_000, 1, 0, 1000), slot(0, ANNE));
    PlanJob other =
        job(1, HALL, new PlanJob.Demand(10, 1, 0, 10, 150_000, 1, 0, 1000), slot(0, BEN));
    rules.verifyThat(SeasonRules::vanMass).given(heavy, other).penalizesBy(0);
    rules
        .verifyThat(SeasonRules::vanMass)
        .given(heavy, at(other, heavy.getSlot()))
        .penalizesBy(50_000);
  }

  @Test
  void aFollowUpComesInItsDaysAfterItsRepotAndNeverWithoutIt() {
    PlanJob repot = work(0, HALL, 60, slot(0, ANNE));
    PlanJob look = work(1, HALL, 15, slot(5, ANNE));
    look.follow(new PlanJob.Follows(0, 5, 9));
    rules.verifyThat(SeasonRules::followUp).given(repot, look).penalizesBy(0);
    rules.verifyThat(SeasonRules::followUp).given(repot, at(look, slot(2, BEN))).penalizesBy(3);
    rules.verifyThat(SeasonRules::followUp).given(at(repot, null), look).penalizesBy(1);
    rules.verifyThat(SeasonRules::followUp).given(repot, at(look, null)).penalizesBy(0);
  }

  @Test
  void aSiteTakesOnlySoManyMinutesOfPeopleADay() {
    PlanJob pair =
        job(0, HALL, new PlanJob.Demand(120, 2, 0, 10, 1000, 1, 0, 1000), slot(0, ANNE, BEN));
    rules
        .verifyThat(SeasonRules::siteMinutes)
        .given(pair, work(1, HALL, 90, slot(0, BEN)))
        .penalizesBy(2 * 120 + 90 - 300);
    rules
        .verifyThat(SeasonRules::siteMinutes)
        .given(pair, work(1, HALL, 90, slot(1, BEN)))
        .penalizesBy(0);
  }

  @Test
  void whatIsLeftOutCostsWhatItIsWorth() {
    rules.verifyThat(SeasonRules::unplanned).given(work(0, HALL, 30, null)).penalizesBy(1000);
    rules.verifyThat(SeasonRules::unplanned).given(work(0, HALL, 30, slot(0, ANNE))).penalizesBy(0);
  }

  @Test
  void lateDaysCountByTheWeightOfTheJobAndEarlyOnesAlike() {
    PlanJob urgent = at(job(0, HALL, 30, 10, 10, 4), slot(5, ANNE));
    rules.verifyThat(SeasonRules::late).given(urgent, WEIGHTS).penalizesBy(3 * 10 * 5);
    rules.verifyThat(SeasonRules::early).given(urgent, WEIGHTS).penalizesBy(0);
    at(urgent, slot(1, ANNE));
    rules.verifyThat(SeasonRules::late).given(urgent, WEIGHTS).penalizesBy(0);
    rules.verifyThat(SeasonRules::early).given(urgent, WEIGHTS).penalizesBy(3);
    urgent.follow(new PlanJob.Follows(7, 5, 9));
    rules.verifyThat(SeasonRules::early).given(urgent, WEIGHTS).penalizesBy(0);
    rules.verifyThat(SeasonRules::late).given(at(urgent, slot(9, ANNE)), WEIGHTS).penalizesBy(0);
  }

  @Test
  void eachWayCostsItsMinutes() {
    Slot monday = slot(0, ANNE);
    rules
        .verifyThat(SeasonRules::trips)
        .given(work(0, HALL, 30, monday), work(1, HALL, 30, monday), WEIGHTS)
        .penalizesBy(30);
    rules
        .verifyThat(SeasonRules::trips)
        .given(work(0, HALL, 30, monday), work(1, HALL, 30, slot(1, BEN)), WEIGHTS)
        .penalizesBy(60);
    rules.verifyThat(SeasonRules::trips).given(work(0, HALL, 30, null), WEIGHTS).penalizesBy(0);
  }

  @Test
  void whoHasNothingToDoCountsForTheSpread() {
    rules
        .verifyThat(SeasonRules::uneven)
        .given(ANNE, BEN, WEIGHTS, work(0, HALL, 90, slot(0, ANNE)))
        .penalizesBy(90);
    rules
        .verifyThat(SeasonRules::uneven)
        .given(
            ANNE, BEN, WEIGHTS, work(0, HALL, 90, slot(0, ANNE)), work(1, HALL, 90, slot(3, BEN)))
        .penalizesBy(0);
  }

  @Test
  void whatWasMadeKnownStaysWhereItIs() {
    Slot known = slot(2, ANNE);
    PlanJob job = work(0, HALL, 30, known);
    job.publish(known);
    rules.verifyThat(SeasonRules::moved).given(job, WEIGHTS).penalizesBy(0);
    rules.verifyThat(SeasonRules::moved).given(at(job, slot(3, ANNE)), WEIGHTS).penalizesBy(40);
    rules.verifyThat(SeasonRules::moved).given(at(job, null), WEIGHTS).penalizesBy(40);
    rules
        .verifyThat(SeasonRules::moved)
        .given(work(1, HALL, 30, slot(3, ANNE)), WEIGHTS)
        .penalizesBy(0);
  }
}
