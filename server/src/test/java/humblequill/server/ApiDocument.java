package humblequill.server;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.databind.JavaType;
import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.core.util.Json;
import io.swagger.v3.oas.models.media.ComposedSchema;
import io.swagger.v3.oas.models.media.Discriminator;
import io.swagger.v3.oas.models.media.ObjectSchema;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.media.StringSchema;
import java.lang.reflect.RecordComponent;
import java.util.Arrays;
import java.util.Iterator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import org.jspecify.annotations.Nullable;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Makes the generated OpenAPI document say which fields are always there and which can be null. */
@Configuration(proxyBeanMethods = false)
class ApiDocument {
  private static final Set<Class<?>> SEVERAL_KINDS = ConcurrentHashMap.newKeySet();

  @Bean
  ModelConverter requiredUnlessNullable() {
    return new ModelConverter() {
      @Override
      public Schema<?> resolve(
          AnnotatedType type, ModelConverterContext context, Iterator<ModelConverter> chain) {
        Schema<?> resolved = chain.hasNext() ? chain.next().resolve(type, context, chain) : null;
        JavaType java = Json.mapper().constructType(type.getType());
        if (java != null && java.getRawClass().isAnnotationPresent(JsonSubTypes.class)) {
          SEVERAL_KINDS.add(java.getRawClass());
        }
        if (resolved != null && java != null && java.getRawClass().isRecord()) {
          var named = context.getDefinedModels().get(java.getRawClass().getSimpleName());
          mark(named == null ? resolved : named, java.getRawClass());
        }
        return resolved;
      }
    };
  }

  /** What is one of several kinds: each kind is a schema with its own name. */
  @Bean
  OpenApiCustomizer severalKinds() {
    return document -> {
      var schemas = document.getComponents().getSchemas();
      for (var several : SEVERAL_KINDS) {
        var discriminator = new Discriminator().propertyName("kind");
        var all = new ComposedSchema();
        for (var type : several.getAnnotation(JsonSubTypes.class).value()) {
          var name = type.value().getSimpleName();
          var reference = "#/components/schemas/" + name;
          schemas.put(name, ofKind(schemas.get(name), type.name()));
          discriminator.mapping(type.name(), reference);
          all.addOneOfItem(new Schema<>().$ref(reference));
        }
        schemas.put(several.getSimpleName(), all.discriminator(discriminator));
      }
    };
  }

  private static Schema<?> ofKind(Schema<?> inherited, String kind) {
    var own = new ObjectSchema();
    own.addProperty("kind", new StringSchema()._enum(List.of(kind)));
    own.addRequiredItem("kind");
    for (Schema<?> piece : inherited.getAllOf()) {
      if (piece.getProperties() != null) {
        piece.getProperties().forEach((name, schema) -> own.addProperty(name, schema));
      }
    }
    inherited.getRequired().forEach(own::addRequiredItem);
    return own;
  }

  private static void mark(Schema<?> schema, Class<?> record) {
    if (schema.getProperties() == null) {
      return;
    }
    for (RecordComponent component : record.getRecordComponents()) {
      var property = schema.getProperties().get(component.getName());
      if (property == null) {
        continue;
      }
      boolean nullable =
          component.getType() == Optional.class
              || Arrays.stream(component.getAnnotatedType().getAnnotations())
                  .anyMatch(a -> a.annotationType() == Nullable.class);
      if (!nullable) {
        if (schema.getRequired() == null || !schema.getRequired().contains(component.getName())) {
          schema.addRequiredItem(component.getName());
        }
      } else if (property.getTypes() != null) {
        property.addType("null");
      }
    }
  }
}
