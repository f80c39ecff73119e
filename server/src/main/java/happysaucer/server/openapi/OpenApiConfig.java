package happysaucer.server.openapi;

import com.fasterxml.jackson.databind.JavaType;
import happysaucer.core.unit.Said;
import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.core.util.Json;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.media.StringSchema;
import io.swagger.v3.oas.models.servers.Server;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.Collections;
import java.util.IdentityHashMap;
import java.util.Iterator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springdoc.core.utils.SpringDocUtils;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/**
 * Describes records as they are: a component is required unless it is marked nullable; in answers
 * it is always there, and may then be null.
 */
@Configuration
class OpenApiConfig {
  @Bean
  OpenAPI about() {
    return new OpenAPI()
        .info(
            new Info()
                .title("Happy Saucer")
                .version("1")
                .description(
                    "Lengths in mm, masses in g, volumes in L, shares 0 to 1, dates ISO. Errors are problem documents (RFC 9457)."));
  }

  /** The document says nothing of where it was read. */
  @Bean
  OpenApiCustomizer noAddress() {
    return document -> document.setServers(List.of(new Server().url("/")));
  }

  @Bean
  ModelConverter records() {
    SpringDocUtils.getConfig().replaceWithSchema(Said.class, new StringSchema());
    return new RecordConverter();
  }

  private static final class RecordConverter implements ModelConverter {
    private final Set<Schema<?>> described =
        Collections.synchronizedSet(Collections.newSetFromMap(new IdentityHashMap<>()));

    @Override
    public @Nullable Schema<?> resolve(
        AnnotatedType type, ModelConverterContext context, Iterator<ModelConverter> chain) {
      if (!chain.hasNext()) {
        return null;
      }
      Schema<?> schema = chain.next().resolve(type, context, chain);
      JavaType java = Json.mapper().constructType(type.getType());
      Class<?> raw = java == null ? null : java.getRawClass();
      if (raw != null && raw.isRecord()) {
        Schema<?> defined = context.getDefinedModels().get(raw.getSimpleName());
        if (defined != null && described.add(defined)) {
          describe(defined, raw);
        }
      }
      return schema;
    }

    @SuppressWarnings({"rawtypes", "unchecked"})
    private static void describe(Schema schema, Class<?> type) {
      boolean request = type.getName().contains("Request") || type.getName().endsWith("Preview");
      List<String> required = new ArrayList<>();
      Map<String, Schema> properties = schema.getProperties();
      if (properties == null) {
        return;
      }
      for (RecordComponent component : type.getRecordComponents()) {
        boolean nullable = component.getAnnotatedType().isAnnotationPresent(Nullable.class);
        if (!nullable || !request) {
          required.add(component.getName());
        }
        Schema property = properties.get(component.getName());
        if (nullable && property != null) {
          properties.put(component.getName(), orNull(property));
        }
      }
      schema.setRequired(required);
    }

    @SuppressWarnings({"rawtypes", "unchecked"})
    private static Schema orNull(Schema property) {
      if (property.get$ref() != null) {
        Schema nothing = new Schema();
        nothing.setTypes(Set.of("null"));
        Schema either = new Schema();
        either.setOneOf(List.of(property, nothing));
        return either;
      }
      Set<String> types = new LinkedHashSet<>();
      if (property.getTypes() != null) {
        types.addAll(property.getTypes());
      } else if (property.getType() != null) {
        types.add(property.getType());
      }
      types.add("null");
      property.setTypes(types);
      return property;
    }
  }
}
