package happysaucer.server.advice;

import happysaucer.core.unit.Message;
import happysaucer.core.unit.Said;
import happysaucer.core.unit.Units;
import happysaucer.core.unit.Wording;
import happysaucer.server.team.CurrentUser;
import java.sql.CallableStatement;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import org.apache.ibatis.type.BaseTypeHandler;
import org.apache.ibatis.type.JdbcType;
import org.apache.ibatis.type.MappedTypes;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.stereotype.Component;

/**
 * Columns of messages: kept as they are, said to whoever reads them. Words from before messages
 * were kept stand as they are.
 */
@Component
@MappedTypes(Said.class)
class SaidHandler extends BaseTypeHandler<Said> {
  private final AdviceJson json;
  // asked for late: it reads accounts through what this handler is part of
  private final ObjectProvider<CurrentUser> user;

  SaidHandler(AdviceJson json, ObjectProvider<CurrentUser> user) {
    this.json = json;
    this.user = user;
  }

  @Override
  public void setNonNullParameter(PreparedStatement statement, int i, Said said, JdbcType type)
      throws SQLException {
    statement.setString(i, json.written(said));
  }

  private @Nullable Said said(@Nullable String kept) {
    if (kept == null) {
      return null;
    }
    Units units = user.getObject().units();
    return kept.startsWith("{")
        ? json.said(kept, units)
        : new Wording(units).say(Message.written(kept, kept));
  }

  @Override
  public @Nullable Said getNullableResult(ResultSet row, String column) throws SQLException {
    return said(row.getString(column));
  }

  @Override
  public @Nullable Said getNullableResult(ResultSet row, int column) throws SQLException {
    return said(row.getString(column));
  }

  @Override
  public @Nullable Said getNullableResult(CallableStatement call, int column) throws SQLException {
    return said(call.getString(column));
  }
}
