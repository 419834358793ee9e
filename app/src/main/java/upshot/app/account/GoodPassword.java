package upshot.app.account;

import jakarta.validation.Constraint;
import jakarta.validation.ConstraintValidator;
import jakarta.validation.ConstraintValidatorContext;
import jakarta.validation.Payload;
import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/** Ten characters or more, spaces at its ends not counted: ten spaces are none. */
@Constraint(validatedBy = GoodPassword.Check.class)
@Target({ElementType.FIELD, ElementType.PARAMETER, ElementType.RECORD_COMPONENT})
@Retention(RetentionPolicy.RUNTIME)
@interface GoodPassword {

    String message() default "Use 10 characters or more; spaces at the ends do not count.";

    Class<?>[] groups() default {};

    Class<? extends Payload>[] payload() default {};

    /** Looks at it. */
    class Check implements ConstraintValidator<GoodPassword, String> {

        private static final int FEWEST = 10;
        private static final int MOST = 200;

        @Override
        public boolean isValid(String password, ConstraintValidatorContext context) {
            return password != null
                    && password.length() <= MOST
                    && password.strip().codePoints().count() >= FEWEST
                    && password.codePoints().noneMatch(one -> Character.getType(one) == Character.SURROGATE);
        }
    }
}
