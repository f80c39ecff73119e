package happysaucer.server.supply;

import happysaucer.server.supply.Supplies.SupplyRequest;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.jspecify.annotations.Nullable;

@Mapper
interface SupplyMapper {
  record SupplyRow(
      String kind,
      String code,
      @Nullable Double stock,
      @Nullable Double pack,
      String supplier,
      int version,
      String who) {}

  @Select(
      """
      select s.kind, s.code, s.stock, s.pack, s.supplier, s.version, u.name as who
      from supply s join app_user u on u.id = s.changed_by order by s.kind, s.code limit #{most}""")
  List<SupplyRow> all(int most);

  @Select(
      """
      select s.kind, s.code, s.stock, s.pack, s.supplier, s.version, u.name as who
      from supply s join app_user u on u.id = s.changed_by
      where s.kind = #{kind} and s.code = #{code} for update""")
  @Nullable SupplyRow locked(@Param("kind") String kind, @Param("code") String code);

  /** Whether a job needs such a thing, or needed it. */
  @Select(
      "select exists (select 1 from job_need where kind = #{kind} and code = #{code}) from dual")
  boolean needed(@Param("kind") String kind, @Param("code") String code);

  @Insert(
      """
      insert into supply (kind, code, stock, pack, supplier, version, changed_at, changed_by)
      values (#{kind}, #{code}, #{s.stock}, #{s.pack}, #{s.supplier}, 1, #{at}, #{user})""")
  void add(
      @Param("kind") String kind,
      @Param("code") String code,
      @Param("s") SupplyRequest supply,
      @Param("at") Instant at,
      @Param("user") UUID user);

  @Update(
      """
      update supply set stock = #{s.stock}, pack = #{s.pack}, supplier = #{s.supplier},
             version = version + 1, changed_at = #{at}, changed_by = #{user}
      where kind = #{kind} and code = #{code} and version = #{version}""")
  int edit(
      @Param("kind") String kind,
      @Param("code") String code,
      @Param("version") int version,
      @Param("s") SupplyRequest supply,
      @Param("at") Instant at,
      @Param("user") UUID user);

  /** What came of it: so much is counted then, even where nobody had counted before. */
  @Update(
      """
      update supply set stock = coalesce(stock, 0) + #{amount}, version = version + 1,
             changed_at = #{at}, changed_by = #{user}
      where kind = #{kind} and code = #{code}""")
  void came(
      @Param("kind") String kind,
      @Param("code") String code,
      @Param("amount") double amount,
      @Param("at") Instant at,
      @Param("user") UUID user);

  /** What a job needed of what is counted has left the store. */
  @Update(
      """
      update supply s set version = version + 1, changed_at = #{at}, changed_by = #{user},
             stock = stock - (select sum(n.amount) from job_need n
                              where n.job_id = #{job} and n.kind = s.kind and n.code = s.code)
      where stock is not null
        and exists (select 1 from job_need n
                    where n.job_id = #{job} and n.kind = s.kind and n.code = s.code)""")
  void used(@Param("job") UUID job, @Param("at") Instant at, @Param("user") UUID user);
}
