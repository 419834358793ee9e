package upshot.app.account;

import jakarta.validation.Constraint;
import jakarta.validation.ConstraintValidator;
import jakarta.validation.ConstraintValidatorContext;
import jakarta.validation.Payload;
import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/** A name that can be shown: not blank, no control characters, no half of a character. */
@Constraint(validatedBy = ShownName.Check.class)
@Target({ElementType.FIELD, ElementType.PARAMETER, ElementType.RECORD_COMPONENT})
@Retention(RetentionPolicy.RUNTIME)
@interface ShownName {

    String message() default "Type a name that can be shown.";

    Class<?>[] groups() default {};

    Class<? extends Payload>[] payload() default {};

    /** Looks at it. */
    class Check implements ConstraintValidator<ShownName, String> {

        @Override
        public boolean isValid(String name, ConstraintValidatorContext context) {
            return name != null
                    && !name.isBlank()
                    && name.codePoints()
                            .noneMatch(one -> Character.isISOControl(one)
                                    || Character.getType(one) == Character.SURROGATE
                                    || !Character.isDefined(one));
        }
    }
}
