package bemble.server.web;

import bemble.core.problem.Coded;
import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.core.util.Json;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.media.StringSchema;
import java.util.Iterator;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Describes what is one of a few by the names there are, each enum under a name of its own. */
@Component
class CodedSchemas implements ModelConverter {
    @Override
    public @Nullable Schema<?> resolve(AnnotatedType type, ModelConverterContext context,
            Iterator<ModelConverter> others) {
        Class<?> raw =
                type.getType() == null ? Object.class : Json.mapper().constructType(type.getType()).getRawClass();
        if (raw.isEnum() && Coded.class.isAssignableFrom(raw)) {
            StringSchema schema = new StringSchema();
            CodedJson.choices(raw).map(Coded::id).forEach(schema::addEnumItem);
            String name = (raw.getEnclosingClass() == null ? "" : raw.getEnclosingClass().getSimpleName())
                    + raw.getSimpleName();
            context.defineModel(name, schema);
            return new Schema<>().$ref("#/components/schemas/" + name);
        }
        return others.hasNext() ? others.next().resolve(type, context, others) : null;
    }
}
