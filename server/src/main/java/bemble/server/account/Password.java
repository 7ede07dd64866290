package bemble.server.account;

import jakarta.validation.Constraint;
import jakarta.validation.ConstraintValidator;
import jakarta.validation.ConstraintValidatorContext;
import jakarta.validation.Payload;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.nio.charset.StandardCharsets;

/** A password that can be set: 8 characters at least, not all blanks, and no longer than the hash can tell apart. */
@Retention(RetentionPolicy.RUNTIME)
@Constraint(validatedBy = Password.Rule.class)
@interface Password {
    String WRONG_LENGTH =
            "Choose a password of 8 to 70 characters; of letters with accents and other scripts fewer fit.";

    String message() default WRONG_LENGTH;

    Class<?>[] groups() default {};

    Class<? extends Payload>[] payload() default {};

    /** How a password is judged. */
    final class Rule implements ConstraintValidator<Password, String> {
        private static final int FEWEST_CHARACTERS = 8;
        /** bcrypt reads no more than 72 bytes. */
        private static final int MOST_BYTES = 72;

        static boolean allows(String password) {
            return password != null && !password.isBlank()
                    && password.codePointCount(0, password.length()) >= FEWEST_CHARACTERS
                    && password.getBytes(StandardCharsets.UTF_8).length <= MOST_BYTES;
        }

        @Override
        public boolean isValid(String password, ConstraintValidatorContext context) {
            if (password != null && !password.isEmpty() && password.isBlank()) {
                context.disableDefaultConstraintViolation();
                context.buildConstraintViolationWithTemplate(
                        "Blanks alone are no password. Choose 8 characters or more.")
                        .addConstraintViolation();
            }
            return allows(password);
        }
    }
}
