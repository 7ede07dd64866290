package bemble.server.handover;

import bemble.core.problem.Fault;
import bemble.core.problem.Refusal;
import bemble.server.faults.FieldName;
import bemble.server.faults.TooMany;
import jakarta.validation.ConstraintViolation;
import jakarta.validation.Validator;
import java.util.Comparator;
import java.util.List;
import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.ObjectMapper;

/** Reads a class from a file that another Bemble wrote. */
@Component
class ClassFileReader {
    private static final int MOST_FAULTS = 20;
    private final ObjectMapper json;
    private final Validator validator;

    ClassFileReader(ObjectMapper json, Validator validator) {
        this.json = json;
        this.validator = validator;
    }

    /** @throws Refusal naming what cannot be read */
    ClassFile read(byte[] file) {
        ClassFile read = parse(file);
        if (read == null || !ClassFile.FORMAT.equals(read.format())) {
            throw Refusal.of("format",
                    "This is no class of Bemble’s, or a newer one. Choose a file kept with “Everything as JSON”.");
        }
        List<Fault> faults = validator.validate(read).stream()
                .sorted(Comparator
                        .comparing((ConstraintViolation<ClassFile> each) -> each.getPropertyPath().toString()))
                .limit(MOST_FAULTS).map(each -> new Fault(each.getPropertyPath().toString(), each.getMessage()))
                .toList();
        if (!faults.isEmpty()) {
            throw Refusal.of(faults);
        }
        return read;
    }

    private ClassFile parse(byte[] file) {
        try {
            return json.readValue(file == null ? new byte[0] : file, ClassFile.class);
        } catch (JacksonException broken) {
            for (Throwable cause = broken; cause != null; cause = cause.getCause()) {
                if (cause instanceof TooMany tooMany) {
                    throw Refusal.of(FieldName.ofList(broken), tooMany.getMessage());
                }
            }
            int line = broken.getLocation() == null ? 1 : Math.max(1, broken.getLocation().getLineNr());
            throw Refusal.of("line " + line,
                    "Line " + line + ": this file breaks off here, or a field has another form. Keep the class as JSON "
                            + "again and choose that file.");
        }
    }
}
