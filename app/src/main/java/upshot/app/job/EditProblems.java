package upshot.app.job;

import java.util.Optional;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import upshot.app.web.TooLong;
import upshot.core.measure.Labelled;
import upshot.core.plan.Conflict;
import upshot.core.plan.InvalidField;
import upshot.exchange.json.ChangeJson;
import upshot.exchange.json.UnreadableJson;

/** Says in plain words why an edit was not made; nothing of it was saved. */
@RestControllerAdvice
class EditProblems {

    /**
     * @param field which field it is about, empty for none
     * @param present what the plan holds now in words, empty when that is not the point
     * @param who changed it, empty when that is not the point
     * @param before the same as it stands in a change, so that the page can try again knowingly
     */
    record Problem(String message, String field, String present, String who, String before) {}

    @ExceptionHandler(Contested.class)
    ResponseEntity<Problem> contested(Contested contested) {
        return conflict(contested.conflict(), contested.who());
    }

    @ExceptionHandler(Conflict.class)
    ResponseEntity<Problem> conflict(Conflict conflict) {
        return conflict(conflict, "");
    }

    private static ResponseEntity<Problem> conflict(Conflict conflict, String who) {
        boolean ofAField = !conflict.field().isEmpty();
        return ResponseEntity.status(HttpStatus.CONFLICT)
                .contentType(MediaType.APPLICATION_JSON)
                .body(new Problem(
                        conflict.getMessage(),
                        conflict.field(),
                        ofAField ? shown(conflict.present()) : "",
                        who,
                        ofAField ? ChangeJson.value(conflict.present()) : ""));
    }

    @ExceptionHandler(InvalidField.class)
    ResponseEntity<Problem> invalid(InvalidField invalid) {
        return answer(HttpStatus.UNPROCESSABLE_ENTITY, invalid.getMessage(), invalid.field());
    }

    @ExceptionHandler({UnreadableJson.class, EditRefused.class})
    ResponseEntity<Problem> refused(RuntimeException refused) {
        return answer(HttpStatus.UNPROCESSABLE_ENTITY, refused.getMessage(), "");
    }

    @ExceptionHandler(HttpMessageNotReadableException.class)
    ResponseEntity<Problem> unreadable(HttpMessageNotReadableException broken) {
        if (TooLong.is(broken)) {
            return answer(HttpStatus.PAYLOAD_TOO_LARGE, "That is more than 2 MB at once. Nothing was changed.", "");
        }
        return answer(HttpStatus.BAD_REQUEST, "The page sent something that is not an edit.", "");
    }

    private static ResponseEntity<Problem> answer(HttpStatus status, String message, String field) {
        return ResponseEntity.status(status)
                .contentType(MediaType.APPLICATION_JSON)
                .body(new Problem(message, field, "", "", ""));
    }

    private static String shown(Object present) {
        if (present instanceof Optional<?> optional) {
            return optional.map(EditProblems::shown).orElse("none");
        }
        return present instanceof Labelled labelled ? labelled.label() : String.valueOf(present);
    }
}
