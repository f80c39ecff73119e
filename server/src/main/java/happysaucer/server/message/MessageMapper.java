package happysaucer.server.message;

import happysaucer.core.aftercare.Reminding;
import happysaucer.core.unit.Units;
import happysaucer.server.message.Templates.TemplateRow;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.jspecify.annotations.Nullable;

@Mapper
interface MessageMapper {
  String SUBSCRIBER =
      """
      select s.id, s.link_id, l.job_id, l.plant_id, l.token as link_token, s.name, s.email, s.zone, s.units, s.token, s.base, s.ended_at,
             s.written_on, l.expires_on, l.ended_at as link_ended_at
      from care_subscriber s join care_link l on l.id = s.link_id
      """;

  String MESSAGE =
      """
      select m.id, m.subscriber_id, m.kind, m.subject, m.body, m.status, m.tries, m.next_at, m.written_at, m.sent_at, m.trouble,
             s.name, s.email, s.base, s.token, s.ended_at, l.ended_at as link_ended_at, l.plant_id, p.common_name, p.label
      from message m join care_subscriber s on s.id = m.subscriber_id join care_link l on l.id = s.link_id
      join plant p on p.id = l.plant_id
      """;

  record SubscriberRow(
      UUID id,
      UUID linkId,
      UUID jobId,
      UUID plantId,
      String linkToken,
      String name,
      String email,
      String zone,
      Units units,
      String token,
      String base,
      @Nullable Instant endedAt,
      @Nullable LocalDate writtenOn,
      LocalDate expiresOn,
      @Nullable Instant linkEndedAt) {}

  record MessageRow(
      UUID id,
      UUID subscriberId,
      String kind,
      String subject,
      String body,
      MessageStatus status,
      int tries,
      Instant nextAt,
      Instant writtenAt,
      @Nullable Instant sentAt,
      @Nullable String trouble,
      String name,
      String email,
      String base,
      String token,
      @Nullable Instant endedAt,
      @Nullable Instant linkEndedAt,
      UUID plantId,
      String commonName,
      String label) {
    /** Nobody wants it any more. */
    boolean unwanted() {
      return endedAt != null || linkEndedAt != null;
    }
  }

  /** Whose reminders may be to write: zones are a day ahead at most. */
  @Select(
      SUBSCRIBER
          + """
      where s.ended_at is null and l.ended_at is null and l.expires_on >= #{today}
        and (s.written_on is null or s.written_on <= #{today})
      order by s.written_on nulls first, s.id limit #{most}""")
  List<SubscriberRow> wanting(@Param("today") LocalDate today, @Param("most") int most);

  @Select(SUBSCRIBER + " where l.job_id = #{job} order by s.created_at limit #{most}")
  List<SubscriberRow> ofJob(@Param("job") UUID job, @Param("most") int most);

  @Select(SUBSCRIBER + " where s.id = #{id}")
  @Nullable SubscriberRow subscriber(UUID id);

  @Select(SUBSCRIBER + " where s.token = #{token}")
  @Nullable SubscriberRow byToken(String token);

  /** Somebody to show what reminders look like, the newest. */
  @Select(SUBSCRIBER + " where l.ended_at is null order by s.created_at desc limit 1")
  @Nullable SubscriberRow newest();

  @Select(
      "select id from care_link where job_id = #{job} and ended_at is null and expires_on >= #{today} for update")
  @Nullable UUID lockLink(@Param("job") UUID job, @Param("today") LocalDate today);

  @Select("select count(*) from care_subscriber where link_id = #{link} and ended_at is null")
  int subscribers(UUID link);

  @Insert(
      """
      insert into care_subscriber (id, link_id, name, email, zone, units, token, base, created_by, created_at)
      values (#{s.id}, #{s.linkId}, #{s.name}, #{s.email}, #{s.zone}, #{s.units}, #{s.token}, #{s.base}, #{user}, #{at})""")
  void add(@Param("s") NewSubscriber subscriber, @Param("user") UUID user, @Param("at") Instant at);

  record NewSubscriber(
      UUID id,
      UUID linkId,
      String name,
      String email,
      String zone,
      Units units,
      String token,
      String base) {}

  @Update("update care_subscriber set ended_at = #{at} where id = #{id} and ended_at is null")
  int end(@Param("id") UUID id, @Param("at") Instant at);

  @Update(
      """
      update care_subscriber set written_on = #{day}
      where id = #{id} and (written_on is null or written_on < #{day})""")
  int written(@Param("id") UUID id, @Param("day") LocalDate day);

  /** What was told of water last. */
  @Select(
      """
      select said from message where subscriber_id = #{id} and said is not null and status <> 'ENDED'
      order by written_at desc limit 1""")
  @Nullable String saidBefore(UUID id);

  /** Days made known on which a crew comes to the site of a plant. */
  @Select(
      """
      select distinct j.planned_on from season_job j join plant q on q.id = j.plant_id join spot t on t.id = q.spot_id
      where t.site_id = (select s.site_id from plant p join spot s on s.id = p.spot_id where p.id = #{plant})
        and j.status = 'OPEN' and j.published_on = j.planned_on and j.place in ('SITE', 'COLLECT', 'RETURN')
        and j.planned_on between #{from} and #{to} limit 60""")
  List<LocalDate> coming(
      @Param("plant") UUID plant, @Param("from") LocalDate from, @Param("to") LocalDate to);

  @Select("select count(*) from message where subscriber_id = #{subscriber} and of_key = #{key}")
  int there(@Param("subscriber") UUID subscriber, @Param("key") String key);

  @Insert(
      """
      insert into message (id, subscriber_id, of_key, kind, said, subject, body, status, next_at, written_at)
      values (#{id}, #{subscriber}, #{key}, #{kind}, #{said}, #{t.subject}, #{t.body}, 'WAITING', #{at}, #{at})""")
  void write(
      @Param("id") UUID id,
      @Param("subscriber") UUID subscriber,
      @Param("key") String key,
      @Param("kind") Reminding.Kind kind,
      @Param("said") @Nullable String said,
      @Param("t") Template text,
      @Param("at") Instant at);

  /** The next one that is to go. */
  @Select(
      MESSAGE
          + """
      where m.status = 'WAITING' and m.next_at <= #{now} order by m.next_at, m.written_at, m.id limit 1""")
  @Nullable MessageRow next(Instant now);

  @Update(
      """
      update message set status = 'SENDING', tries = tries + 1, next_at = #{now}
      where id = #{id} and status = 'WAITING'""")
  int sending(@Param("id") UUID id, @Param("now") Instant now);

  @Update(
      """
      update message set status = #{status}, sent_at = #{sent}, next_at = #{next}, trouble = #{trouble}
      where id = #{id} and status = 'SENDING'""")
  void tried(
      @Param("id") UUID id,
      @Param("status") MessageStatus status,
      @Param("sent") @Nullable Instant sent,
      @Param("next") Instant next,
      @Param("trouble") @Nullable String trouble);

  /** What was under way when the server ended. */
  @Update("update message set status = 'WAITING' where status = 'SENDING'")
  int pickUp();

  @Update(
      """
      update message set status = 'ENDED', trouble = #{why} where status = 'WAITING' and subscriber_id in
        (select s.id from care_subscriber s join care_link l on l.id = s.link_id
         where s.ended_at is not null or l.ended_at is not null)""")
  int endUnwanted(String why);

  @Update(
      """
      update message set status = 'WAITING', tries = 0, next_at = #{now}, trouble = null
      where id = #{id} and status = 'FAILED'""")
  int again(@Param("id") UUID id, @Param("now") Instant now);

  @Select(MESSAGE + " where m.id = #{id}")
  @Nullable MessageRow message(UUID id);

  @Select(MESSAGE + " order by m.written_at desc, m.id limit #{most}")
  List<MessageRow> newestMessages(int most);

  record StatusCount(MessageStatus status, int messages) {}

  @Select("select status, count(*) as messages from message group by status")
  List<StatusCount> counts();

  @Select(
      """
      select t.kind, t.subject, t.body, t.version, u.name as changed_by
      from message_template t join app_user u on u.id = t.changed_by""")
  List<TemplateRow> templates();

  /** Held until the transaction ends; there may be no row of it yet. */
  @Select("select id from team where id = 1 for update")
  int lockTemplates();

  @Update(
      """
      merge into message_template (kind, subject, body, version, changed_at, changed_by) key (kind)
      values (#{kind}, #{t.subject}, #{t.body}, #{version}, #{at}, #{user})""")
  void saveTemplate(
      @Param("kind") Reminding.Kind kind,
      @Param("t") Template template,
      @Param("version") int version,
      @Param("user") UUID user,
      @Param("at") Instant at);

  @Delete("delete from message_template where kind = #{kind}")
  int dropTemplate(Reminding.Kind kind);
}
