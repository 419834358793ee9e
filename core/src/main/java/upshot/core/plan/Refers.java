package upshot.core.plan;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/**
 * A component that holds the id of another record of the plan. The other record must be there, and goes only together
 * with what refers to it.
 */
@Target(ElementType.RECORD_COMPONENT)
@Retention(RetentionPolicy.RUNTIME)
@interface Refers {

    /** The name of the kind referred to. */
    String to();
}
