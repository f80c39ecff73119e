package happysaucer.server.season;

import happysaucer.core.unit.Said;
import happysaucer.core.work.JobKind;
import java.time.LocalDate;
import java.util.Objects;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * One thing that a plant asks for, as it is kept. Changed in place while a plant is looked through;
 * nobody but this package sees one.
 */
final class SeasonJobRow {
  UUID id = UUID.randomUUID();
  UUID plantId = id;
  String workKey = "";
  JobKind kind = JobKind.REPOT;
  JobPlace place = JobPlace.SITE;
  String action = "";
  String urgency = "";
  JobSource source = JobSource.CALL;
  JobStatus status = JobStatus.OPEN;
  @Nullable UUID jobId;
  @Nullable UUID aftercareStepId;
  @Nullable UUID afterId;
  @Nullable Integer afterFrom;
  @Nullable Integer afterTo;
  LocalDate fromOn = LocalDate.EPOCH;
  LocalDate toOn = LocalDate.EPOCH;
  LocalDate idealOn = LocalDate.EPOCH;
  int minutes;

  /** By the rules alone. */
  int minutesRuled;

  int people = 1;
  String skills = "";
  double litres;
  double grams;
  boolean toOrder;
  @Nullable LocalDate materialOn;
  boolean materialNever;
  @Nullable UUID orderId;
  @Nullable Said held;
  @Nullable Said why;
  String note = "";
  @Nullable LocalDate plannedOn;
  @Nullable UUID leadId;
  @Nullable UUID helperId;
  boolean pinned;
  @Nullable String overruled;
  @Nullable LocalDate publishedOn;
  @Nullable UUID publishedLead;
  @Nullable UUID publishedHelper;
  int sequence;
  @Nullable LocalDate doneOn;
  @Nullable Integer taken;
  int version = 1;

  boolean open() {
    return status == JobStatus.OPEN;
  }

  /** It waits again; whoever has it in a calendar is told. */
  void unplan() {
    sequence += published() ? 1 : 0;
    plannedOn = null;
    leadId = null;
    helperId = null;
    pinned = false;
    overruled = null;
  }

  boolean published() {
    return publishedOn != null;
  }

  /** All that is told of it, to see whether anything is new. */
  int state() {
    return Objects.hash(
        kind,
        place,
        action,
        urgency,
        source,
        status,
        jobId,
        aftercareStepId,
        afterId,
        afterFrom,
        afterTo,
        fromOn,
        toOn,
        idealOn,
        minutes,
        people,
        skills,
        litres,
        grams,
        toOrder,
        materialOn,
        orderId,
        materialNever,
        held == null ? null : held.message(),
        why == null ? null : why.message(),
        note,
        plannedOn,
        leadId,
        helperId,
        pinned,
        overruled,
        doneOn);
  }
}
