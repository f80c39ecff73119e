package happysaucer.server.keeping;

import java.time.Instant;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.jspecify.annotations.Nullable;

@Mapper
interface KeepingMapper {
  @Select(
      """
      select greatest(coalesce((select max(received_at) from plant_check), timestamp with time zone '1900-01-01 00:00:00Z'),
                      coalesce((select max(at) from change_log), timestamp with time zone '1900-01-01 00:00:00Z'),
                      coalesce((select max(received_at) from watering), timestamp with time zone '1900-01-01 00:00:00Z'))""")
  @Nullable Instant newestRecord();
}
