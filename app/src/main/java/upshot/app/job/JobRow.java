package upshot.app.job;

import java.util.List;

/**
 * A row of the list of jobs.
 *
 * @param own whether the job belongs to whoever looks
 * @param owner the name of whoever it belongs to
 * @param rulesNews whether whoever owns it has not seen yet how the rules were rewritten
 * @param invited addresses with which it is shared and of which nobody has come by yet
 */
record JobRow(
        String id,
        JobAtAGlance job,
        boolean own,
        boolean archived,
        boolean rulesNews,
        String owner,
        List<Member> members,
        List<String> invited) {

    /** Somebody with whom a job is shared. */
    record Member(String id, String name) {}

    /** Where its first stage is. */
    public String address() {
        return "/jobs/" + id + "/brief";
    }

    /** Where what is next to do is done. */
    public String nextAddress() {
        return "/jobs/%s/%s".formatted(id, job.next().slug());
    }
}
