package upshot.app;

import java.time.Clock;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.context.properties.ConfigurationPropertiesScan;
import org.springframework.context.annotation.Bean;

/** The application: pages and a database round the core. */
@SpringBootApplication
@ConfigurationPropertiesScan
public class UpshotLane {

    public static void main(String[] args) {
        SpringApplication.run(UpshotLane.class, args);
    }

    @Bean
    Clock clock() {
        return Clock.systemUTC();
    }
}
