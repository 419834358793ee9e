package upshot.app.web;

import com.fasterxml.jackson.core.StreamReadConstraints;
import com.fasterxml.jackson.databind.ObjectMapper;
import org.springframework.boot.autoconfigure.jackson.Jackson2ObjectMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Bounds of the JSON that pages send: two million bytes of brackets would be a hundred million in memory. */
@Configuration
class Reading {

    /** Several hundred shots set alike are some ten thousand. */
    private static final long MOST_TOKENS = 100_000;

    private static final int DEEPEST = 16;
    private static final int LONGEST_NAME = 200;
    private static final int LONGEST_NUMBER = 60;

    @Bean
    Jackson2ObjectMapperBuilderCustomizer bounds() {
        return builder -> builder.postConfigurer(Reading::bound);
    }

    private static void bound(ObjectMapper mapper) {
        mapper.getFactory()
                .setStreamReadConstraints(StreamReadConstraints.builder()
                        .maxTokenCount(MOST_TOKENS)
                        .maxNestingDepth(DEEPEST)
                        .maxStringLength(BoundedBodies.MOST_BYTES)
                        .maxNameLength(LONGEST_NAME)
                        .maxNumberLength(LONGEST_NUMBER)
                        .build());
    }
}
