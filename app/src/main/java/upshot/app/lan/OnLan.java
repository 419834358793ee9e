package upshot.app.lan;

import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;

/** There only where phones on the local network are to be let in. */
@Retention(RetentionPolicy.RUNTIME)
@ConditionalOnProperty("upshot.lan.folder")
@interface OnLan {}
