package happysaucer.server.mix;

import happysaucer.server.mix.BucketTests.BucketTestRequest;
import happysaucer.server.mix.MixRoom.Kind;
import java.time.Instant;
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
interface MediumMapper {
  record EditRow(Kind kind, String code, String cells, int version, String who) {}

  @Select(
      """
      select e.kind, e.code, e.cells, e.version, u.name as who
      from medium_edit e join app_user u on u.id = e.changed_by order by e.kind, e.code limit 1000""")
  List<EditRow> edits();

  @Select("select version from medium_edit where kind = #{kind} and code = #{code}")
  @Nullable Integer version(@Param("kind") Kind kind, @Param("code") String code);

  @Insert(
      """
      insert into medium_edit (kind, code, cells, version, changed_at, changed_by)
      values (#{kind}, #{code}, #{cells}, 1, #{at}, #{user})""")
  void add(
      @Param("kind") Kind kind,
      @Param("code") String code,
      @Param("cells") String cells,
      @Param("at") Instant at,
      @Param("user") UUID user);

  @Update(
      """
      update medium_edit set cells = #{cells}, version = version + 1, changed_at = #{at}, changed_by = #{user}
      where kind = #{kind} and code = #{code} and version = #{version}""")
  int edit(
      @Param("kind") Kind kind,
      @Param("code") String code,
      @Param("version") int version,
      @Param("cells") String cells,
      @Param("at") Instant at,
      @Param("user") UUID user);

  @Delete("delete from medium_edit where kind = #{kind} and code = #{code}")
  int remove(@Param("kind") Kind kind, @Param("code") String code);

  /** Plants of these species, or that stand in one of these mixes. */
  @Select(
      """
      <script>
      select id from plant where retired_on is null and (mix in
      <foreach collection='mixes' item='m' open='(' separator=',' close=')'>#{m}</foreach>
      <if test='!species.isEmpty()'>or species in
      <foreach collection='species' item='s' open='(' separator=',' close=')'>#{s}</foreach></if>)
      order by label limit #{most}
      </script>""")
  List<UUID> plants(
      @Param("mixes") Collection<String> mixes,
      @Param("species") Collection<String> species,
      @Param("most") int most);

  @Select("select count(*) from plant where mix = #{mix} and retired_on is null")
  int inMix(String mix);

  record TestRow(
      UUID id,
      String mix,
      String recipe,
      LocalDate testedOn,
      double topMm,
      double baseMm,
      double heightMm,
      double dryG,
      double wetG,
      double drainedLitres,
      int drainedMinutes,
      String note,
      String who) {}

  @Select(
      """
      select b.id, b.mix, b.recipe, b.tested_on, b.top_mm, b.base_mm, b.height_mm, b.dry_g, b.wet_g, b.drained_litres,
             b.drained_minutes, b.note, u.name as who
      from bucket_test b join app_user u on u.id = b.tested_by
      where b.voided_at is null order by b.mix, b.tested_on desc, b.id limit 2000""")
  List<TestRow> tests();

  @Insert(
      """
      insert into bucket_test (id, mix, recipe, tested_on, top_mm, base_mm, height_mm, dry_g, wet_g, drained_litres,
                               drained_minutes, note, tested_at, tested_by)
      values (#{id}, #{mix}, #{recipe}, #{on}, #{t.topMm}, #{t.baseMm}, #{t.heightMm}, #{t.dryG}, #{t.wetG},
              #{t.drainedLitres}, #{t.drainedMinutes}, #{t.note}, #{at}, #{user})""")
  void addTest(
      @Param("id") UUID id,
      @Param("mix") String mix,
      @Param("recipe") String recipe,
      @Param("on") LocalDate on,
      @Param("t") BucketTestRequest test,
      @Param("at") Instant at,
      @Param("user") UUID user);

  @Update(
      "update bucket_test set voided_at = #{at} where id = #{id} and mix = #{mix} and voided_at is null")
  int voidTest(@Param("id") UUID id, @Param("mix") String mix, @Param("at") Instant at);
}
