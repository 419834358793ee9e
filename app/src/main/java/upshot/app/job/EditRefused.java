package upshot.app.job;

/** An edit that cannot be made for a reason the person should read. Nothing was saved. */
public final class EditRefused extends RuntimeException {

    private static final long serialVersionUID = 1L;

    public EditRefused(String message) {
        super(message);
    }
}
