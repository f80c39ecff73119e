package happysaucer.server.client;

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
interface PlaceMapper {
  record ClientRow(UUID id, String name, int version) {}

  record SiteRow(
      UUID id,
      UUID clientId,
      String name,
      double latitude,
      double longitude,
      boolean outdoors,
      String siteUse,
      String accessNote,
      int visitEvery,
      LocalDate visitFrom,
      SiteAccess.Floors floors,
      int parkingMinutes,
      int version,
      int plants) {
    Places.SiteItem with(
        List<VisitPlan.VisitDay> days, List<VisitPlan.VisitDay> access, LocalDate today) {
      VisitPlan visits = new VisitPlan(visitEvery, visitFrom, days);
      return new Places.SiteItem(
          id,
          clientId,
          name,
          latitude,
          longitude,
          outdoors,
          siteUse,
          accessNote,
          visits,
          visits.rhythm().next(today).orElse(null),
          new SiteAccess(floors, parkingMinutes, access),
          version,
          plants);
    }
  }

  record DayRow(UUID siteId, int weekday, @Nullable String opens, @Nullable String closes) {}

  @Select(
      """
      select site_id, weekday, opens, closes from site_visit_day where site_id = any(#{sites,typeHandler=uuids})
      order by site_id, weekday""")
  List<DayRow> days(@Param("sites") Collection<UUID> sites);

  @Select(
      """
      select site_id, weekday, opens, closes from site_access_day where site_id = any(#{sites,typeHandler=uuids})
      order by site_id, weekday""")
  List<DayRow> accessDays(@Param("sites") Collection<UUID> sites);

  @Update(
      """
      update site set floors = #{a.floors}, parking_minutes = #{a.parkingMinutes} where id = #{site}""")
  void access(@Param("site") UUID site, @Param("a") SiteAccess access);

  @Delete("delete from site_access_day where site_id = #{site}")
  void clearAccess(UUID site);

  @Insert(
      """
      <script>
      insert into site_access_day (site_id, weekday, opens, closes) values
      <foreach collection='days' item='d' separator=','>
        (#{site}, #{d.weekday}, #{d.opens}, #{d.closes})
      </foreach>
      </script>""")
  void addAccess(@Param("site") UUID site, @Param("days") List<VisitPlan.VisitDay> days);

  /** What a season asks of a site. */
  record SeasonSiteRow(
      UUID id,
      String name,
      UUID clientId,
      String clientName,
      double latitude,
      double longitude,
      String accessNote,
      SiteAccess.Floors floors,
      int parkingMinutes) {}

  @Select(
      """
      select t.id, t.name, t.client_id, c.name as client_name, t.latitude, t.longitude, t.access_note,
             t.floors, t.parking_minutes
      from site t join client c on c.id = t.client_id order by t.name limit 5000""")
  List<SeasonSiteRow> seasonSites();

  @Insert(
      """
      <script>
      insert into site_visit_day (site_id, weekday, opens, closes) values
      <foreach collection='days' item='d' separator=','>
        (#{site}, #{d.weekday}, #{d.opens}, #{d.closes})
      </foreach>
      </script>""")
  void addDays(@Param("site") UUID site, @Param("days") List<VisitPlan.VisitDay> days);

  @Delete("delete from site_visit_day where site_id = #{site}")
  void clearDays(UUID site);

  record RhythmRow(
      UUID siteId,
      int visitEvery,
      LocalDate visitFrom,
      @Nullable String opens,
      @Nullable String closes) {}

  /** Sites with this weekday among theirs, whichever week it is. */
  @Select(
      """
      select d.site_id, t.visit_every, t.visit_from, d.opens, d.closes
      from site_visit_day d join site t on t.id = d.site_id
      where d.weekday = #{weekday} and t.visit_from <= #{day} order by t.round_order limit 5000""")
  List<RhythmRow> rhythms(@Param("weekday") int weekday, @Param("day") LocalDate day);

  @Select(
      """
      select c.id, c.name, c.version from client c
      where (lower(c.name) like #{search}
        or c.id in (select client_id from site where lower(name) like #{search}))
        and c.id not in (select client_id from site where counter)
      order by c.name limit #{most} offset #{skip}""")
  List<ClientRow> clients(
      @Param("search") String search, @Param("most") int most, @Param("skip") int skip);

  @Select(
      """
      select t.id, t.client_id, t.name, t.latitude, t.longitude, t.outdoors, t.site_use, t.access_note,
             t.visit_every, t.visit_from, t.floors, t.parking_minutes, t.version,
             (select count(*) from plant p join spot s on s.id = p.spot_id
              where s.site_id = t.id and p.retired_on is null) as plants
      from site t where t.client_id = any(#{clients,typeHandler=uuids})
      order by t.name""")
  List<SiteRow> sites(@Param("clients") Collection<UUID> clients);

  @Select(
      """
      select t.id, t.client_id, t.name, t.latitude, t.longitude, t.outdoors, t.site_use, t.access_note,
             t.visit_every, t.visit_from, t.floors, t.parking_minutes, t.version,
             (select count(*) from plant p join spot s on s.id = p.spot_id
              where s.site_id = t.id and p.retired_on is null) as plants
      from site t where t.id = #{id}""")
  @Nullable SiteRow site(UUID id);

  @Select("select id, name, version from client where id = #{id}")
  @Nullable ClientRow client(UUID id);

  @Select(
      """
      select s.id, s.site_id, s.name, s.light, s.version,
             (select count(*) from plant p where p.spot_id = s.id and p.retired_on is null) as plants
      from spot s where s.site_id = #{site} order by s.name limit 500""")
  List<Places.SpotItem> spots(UUID site);

  @Select(
      """
      select s.id, s.site_id, s.name, s.light, s.version,
             (select count(*) from plant p where p.spot_id = s.id and p.retired_on is null) as plants
      from spot s where s.id = #{id}""")
  Places.@Nullable SpotItem spot(UUID id);

  @Insert("insert into client (id, name) values (#{id}, #{name})")
  void addClient(@Param("id") UUID id, @Param("name") String name);

  @Update(
      "update client set name = #{name}, version = version + 1 where id = #{id} and version = #{version}")
  int editClient(@Param("id") UUID id, @Param("version") int version, @Param("name") String name);

  @Insert(
      """
      insert into site (id, client_id, name, latitude, longitude, outdoors, site_use, access_note,
                        visit_every, visit_from, round_order)
      values (#{id}, #{s.clientId}, #{s.name}, #{s.latitude}, #{s.longitude}, #{s.outdoors}, #{s.use},
              #{s.accessNote}, #{s.visits.everyWeeks}, #{s.visits.from},
              (select coalesce(max(round_order), 0) + 1 from site))""")
  void addSite(@Param("id") UUID id, @Param("s") Places.SiteRequest site);

  @Update(
      """
      update site set client_id = #{s.clientId}, name = #{s.name}, latitude = #{s.latitude},
             longitude = #{s.longitude}, outdoors = #{s.outdoors}, site_use = #{s.use},
             access_note = #{s.accessNote}, visit_every = #{s.visits.everyWeeks},
             visit_from = #{s.visits.from}, version = version + 1
      where id = #{id} and version = #{version}""")
  int editSite(
      @Param("id") UUID id, @Param("version") int version, @Param("s") Places.SiteRequest site);

  @Select("select id from site where counter order by id limit 1")
  @Nullable UUID counter();

  /** At the workshop; where nobody said where that is, among the other sites. */
  @Insert(
      """
      insert into site (id, client_id, name, latitude, longitude, outdoors, site_use, access_note, visit_every, visit_from,
                        round_order, counter)
      select #{site}, #{client}, 'Counter',
             coalesce(t.workshop_latitude, (select avg(latitude) from site), 0),
             coalesce(t.workshop_longitude, (select avg(longitude) from site), 0),
             false, 'PRIVATE', '', 1, date '2020-01-06', 0, true
      from team t where t.id = 1""")
  void addCounter(@Param("site") UUID site, @Param("client") UUID client);

  @Select("select id from spot where site_id = #{site} and light = #{light} order by id limit 1")
  @Nullable UUID spotInLight(@Param("site") UUID site, @Param("light") String light);

  @Insert("insert into spot (id, site_id, name, light) values (#{id}, #{site}, #{name}, #{light})")
  void addSpot(
      @Param("id") UUID id,
      @Param("site") UUID site,
      @Param("name") String name,
      @Param("light") String light);

  @Update(
      """
      update spot set name = #{name}, light = #{light}, version = version + 1
      where id = #{id} and version = #{version}""")
  int editSpot(
      @Param("id") UUID id,
      @Param("version") int version,
      @Param("name") String name,
      @Param("light") String light);

  @Select("select id from plant where spot_id = #{spot} and retired_on is null")
  List<UUID> plantsAtSpot(UUID spot);

  @Select(
      """
      select p.id from plant p join spot s on s.id = p.spot_id
      where s.site_id = #{site} and p.retired_on is null""")
  List<UUID> plantsAtSite(UUID site);

  @Select(
      """
      select u.name from change_log l join app_user u on u.id = l.user_id
      where l.entity_id = #{id} order by l.id desc limit 1""")
  @Nullable String changedBy(UUID id);
}
