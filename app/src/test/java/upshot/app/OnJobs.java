package upshot.app;

import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import upshot.app.job.NewJobs;

/** A test of the whole application that makes people and jobs and asks for pages. */
@AppTest
public abstract class OnJobs {

    @Autowired
    protected MockMvc mvc;

    @Autowired
    protected NewJobs newJobs;

    @Autowired
    protected People people;
}
