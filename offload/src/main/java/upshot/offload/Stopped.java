package upshot.offload;

/** It cannot go on; the message says in plain words what is the matter and what to do. */
final class Stopped extends Exception {

    private static final long serialVersionUID = 1;

    Stopped(String message) {
        super(message);
    }

    Stopped(String message, Throwable cause) {
        super(message, cause);
    }
}
