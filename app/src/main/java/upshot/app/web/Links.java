package upshot.app.web;

import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.context.annotation.Configuration;
import org.thymeleaf.context.IExpressionContext;
import org.thymeleaf.linkbuilder.StandardLinkBuilder;
import org.thymeleaf.spring6.SpringTemplateEngine;

/**
 * Links in templates. Only what is shipped with the application gets the version of its content into its address; for
 * the hundreds of links into jobs on a page, looking for such a file each time takes longer than all else about them.
 */
@Configuration
class Links {

    @Autowired
    void install(SpringTemplateEngine templates) {
        templates.setLinkBuilder(new IntoJobsAsTheyAre());
    }

    private static final class IntoJobsAsTheyAre extends StandardLinkBuilder {

        @Override
        protected String processLink(IExpressionContext context, String link) {
            boolean shipped = !link.startsWith("/jobs/") && link.startsWith("/");
            return shipped ? super.processLink(context, link) : link;
        }
    }
}
