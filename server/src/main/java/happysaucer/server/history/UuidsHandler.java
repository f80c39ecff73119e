package happysaucer.server.history;

import java.sql.CallableStatement;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.Arrays;
import java.util.Collection;
import java.util.UUID;
import org.apache.ibatis.type.Alias;
import org.apache.ibatis.type.BaseTypeHandler;
import org.apache.ibatis.type.JdbcType;

/**
 * Many ids as one parameter, for {@code = any(#{ids,typeHandler=uuids})}: the statement stays the
 * same however many there are, so that it is planned once.
 */
@Alias("uuids")
public class UuidsHandler extends BaseTypeHandler<Collection<UUID>> {
  @Override
  public void setNonNullParameter(
      PreparedStatement statement, int i, Collection<UUID> ids, JdbcType type) throws SQLException {
    statement.setObject(i, ids.toArray());
  }

  @Override
  public Collection<UUID> getNullableResult(ResultSet row, String column) throws SQLException {
    return of((Object[]) row.getArray(column).getArray());
  }

  @Override
  public Collection<UUID> getNullableResult(ResultSet row, int column) throws SQLException {
    return of((Object[]) row.getArray(column).getArray());
  }

  @Override
  public Collection<UUID> getNullableResult(CallableStatement call, int column)
      throws SQLException {
    return of((Object[]) call.getArray(column).getArray());
  }

  private static Collection<UUID> of(Object[] ids) {
    return Arrays.stream(ids).map(UUID.class::cast).toList();
  }
}
