package happysaucer.server.crew;

import java.time.LocalDate;
import java.util.Collection;
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
interface CrewMapper {
  record CrewRow(
      UUID id,
      String name,
      int vanLitres,
      int vanKg,
      String skills,
      @Nullable LocalDate endedOn,
      int version) {}

  String CREW = "select id, name, van_litres, van_kg, skills, ended_on, version from crew ";

  @Select(CREW + "order by ended_on is not null, position, name limit 60")
  List<CrewRow> crews();

  @Select(CREW + "where id = #{id} for update")
  @Nullable CrewRow locked(UUID id);

  record PersonRow(UUID id, UUID crewId, String name, @Nullable UUID userId) {}

  @Select("select id, crew_id, name, user_id from crew_person order by crew_id, position")
  List<PersonRow> people();

  record HoursRow(UUID crewId, int weekday, String begins, String ends) {}

  @Select("select crew_id, weekday, begins, ends from crew_hours order by crew_id, weekday")
  List<HoursRow> hours();

  record AbsenceRow(UUID id, UUID personId, LocalDate fromOn, LocalDate toOn, String reason) {}

  @Select(
      """
      select id, person_id, from_on, to_on, reason from absence where to_on >= #{since}
      order by from_on limit 1000""")
  List<AbsenceRow> absences(LocalDate since);

  @Insert(
      """
      insert into crew (id, name, van_litres, van_kg, skills, position)
      values (#{id}, #{c.name}, #{c.vanLitres}, #{c.vanKg}, #{skills},
              (select coalesce(max(position), 0) + 1 from crew))""")
  void add(
      @Param("id") UUID id, @Param("c") Crews.CrewRequest crew, @Param("skills") String skills);

  @Update(
      """
      update crew set name = #{c.name}, van_litres = #{c.vanLitres}, van_kg = #{c.vanKg},
             skills = #{skills}, ended_on = #{c.endedOn}, version = version + 1
      where id = #{id}""")
  void edit(
      @Param("id") UUID id, @Param("c") Crews.CrewRequest crew, @Param("skills") String skills);

  @Delete("delete from crew_hours where crew_id = #{crew}")
  void clearHours(UUID crew);

  @Insert(
      """
      <script>
      insert into crew_hours (crew_id, weekday, begins, ends) values
      <foreach collection='hours' item='h' separator=','>
        (#{crew}, #{h.weekday}, #{h.begins}, #{h.ends})
      </foreach>
      </script>""")
  void addHours(@Param("crew") UUID crew, @Param("hours") List<Crews.Hours> hours);

  /** Who has left the crew, with what was planned for their absence. */
  @Delete(
      """
      delete from absence where person_id in (select id from crew_person where crew_id = #{crew}
        and id <> all(#{stay,typeHandler=uuids}))""")
  void clearAbsences(@Param("crew") UUID crew, @Param("stay") Collection<UUID> stay);

  @Delete(
      """
      delete from crew_person where crew_id = #{crew}
        and id <> all(#{stay,typeHandler=uuids})""")
  void clearPeople(@Param("crew") UUID crew, @Param("stay") Collection<UUID> stay);

  @Insert(
      """
      <script>
      merge into crew_person (id, crew_id, name, user_id, position) key (id) values
      <foreach collection='people' item='p' index='i' separator=','>
        (#{p.id}, #{crew}, #{p.name}, #{p.userId}, #{i})
      </foreach>
      </script>""")
  void mergePeople(@Param("crew") UUID crew, @Param("people") List<Crews.CrewPerson> people);

  @Select(
      """
      select count(*) from crew_person where crew_id <> #{crew} and id = any(#{ids,typeHandler=uuids})""")
  int elsewhere(@Param("crew") UUID crew, @Param("ids") Collection<UUID> ids);

  @Select(
      """
      select count(*) from app_user where id = any(#{ids,typeHandler=uuids})""")
  int accounts(@Param("ids") Collection<UUID> ids);

  @Select("select count(*) from crew_person where id = #{id}")
  int isPerson(UUID id);

  @Update(
      """
      merge into absence (id, person_id, from_on, to_on, reason) key (id)
      values (#{id}, #{a.personId}, #{a.fromOn}, #{a.toOn}, #{a.reason})""")
  void absent(@Param("id") UUID id, @Param("a") Crews.AbsenceRequest absence);

  @Delete("delete from absence where id = #{id}")
  int notAbsent(UUID id);

  @Select(
      """
      select u.name from change_log l join app_user u on u.id = l.user_id
      where l.entity_id = #{id} order by l.id desc limit 1""")
  @Nullable String changedBy(UUID id);
}
