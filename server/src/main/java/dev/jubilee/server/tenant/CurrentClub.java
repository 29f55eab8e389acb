package dev.jubilee.server.tenant;

import dev.jubilee.server.json.Json;
import java.lang.reflect.Type;
import java.util.Map;
import java.util.UUID;
import javax.sql.DataSource;
import org.hibernate.cfg.MappingSettings;
import org.hibernate.cfg.MultiTenancySettings;
import org.hibernate.context.spi.CurrentTenantIdentifierResolver;
import org.hibernate.type.format.AbstractJsonFormatMapper;
import org.springframework.boot.hibernate.autoconfigure.HibernatePropertiesCustomizer;
import org.springframework.stereotype.Component;

/** Tells Hibernate whose rows each of its sessions is about, and how JSON columns are written. */
@Component
class CurrentClub implements CurrentTenantIdentifierResolver<UUID>, HibernatePropertiesCustomizer {
  private final DataSource database;
  private final Json json;

  CurrentClub(DataSource database, Json json) {
    this.database = database;
    this.json = json;
  }

  @Override
  public void customize(Map<String, Object> properties) {
    properties.put(MultiTenancySettings.MULTI_TENANT_IDENTIFIER_RESOLVER, this);
    properties.put(
        MultiTenancySettings.MULTI_TENANT_CONNECTION_PROVIDER, new ClubConnections(database));
    properties.put(MappingSettings.JSON_FORMAT_MAPPER, new StoredJson(json));
  }

  @Override
  public UUID resolveCurrentTenantIdentifier() {
    return ClubScope.current();
  }

  @Override
  public boolean isRoot(UUID clubId) {
    return ClubScope.isEvery(clubId);
  }

  @Override
  public boolean validateExistingCurrentSessions() {
    return false;
  }

  private static final class StoredJson extends AbstractJsonFormatMapper {
    private final Json json;

    StoredJson(Json json) {
      this.json = json;
    }

    @Override
    @SuppressWarnings({"unchecked", "TypeParameterUnusedInFormals"})
    protected <T> T fromString(CharSequence text, Type type) {
      return (T) json.read(text.toString(), type);
    }

    @Override
    protected <T> String toString(T value, Type type) {
      return json.write(value);
    }
  }
}
