package looseknit.server.frame;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.UUID;
import java.util.stream.Collectors;
import looseknit.core.measure.Allowed;
import looseknit.core.measure.OutOfRangeException;
import looseknit.server.message.Speech;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.NestedRuntimeException;
import org.springframework.dao.DataAccessException;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.orm.ObjectOptimisticLockingFailureException;
import org.springframework.transaction.TransactionException;
import org.springframework.validation.FieldError;
import org.springframework.web.bind.MethodArgumentNotValidException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.method.annotation.HandlerMethodValidationException;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.multipart.MultipartException;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.exc.InvalidFormatException;
import tools.jackson.databind.exc.InvalidNullException;
import tools.jackson.databind.exc.MismatchedInputException;

/** Turns failures into problem details (RFC 9457): what is wrong, where, and what would be accepted. */
@RestControllerAdvice
class ProblemHandler extends ResponseEntityExceptionHandler {

    private static final Logger log = LoggerFactory.getLogger(ProblemHandler.class);

    private final FieldWords fieldWords;
    private final Speech speech;
    private final Stopping stopping;

    ProblemHandler(final Speech speech, final Stopping stopping, final FieldWords fieldWords) {
        this.speech = speech;
        this.stopping = stopping;
        this.fieldWords = fieldWords;
    }

    @ExceptionHandler
    ProblemDetail outOfRange(final OutOfRangeException e) {
        final ProblemDetail problem = ProblemDetail.forStatusAndDetail(
                HttpStatus.UNPROCESSABLE_CONTENT,
                speech.wording()
                        .of(Allowed.SENTENCE.with(
                                words(e.field()),
                                e.value() instanceof String text ? shortened(text) : e.value(),
                                e.allowed())));
        problem.setTitle("This value cannot be used");
        problem.setProperty("field", e.field());
        problem.setProperty("allowed", speech.wording().of(e.allowed()));
        return problem;
    }

    @ExceptionHandler
    ProblemDetail notFound(final NotThere e) {
        final ProblemDetail problem = ProblemDetail.forStatusAndDetail(HttpStatus.NOT_FOUND, e.getMessage());
        problem.setTitle("Not found");
        return problem;
    }

    @ExceptionHandler
    ProblemDetail refused(final Refused e) {
        final ProblemDetail problem =
                ProblemDetail.forStatusAndDetail(HttpStatus.UNPROCESSABLE_CONTENT, quotedShortly(e.getMessage()));
        problem.setTitle(e.title());
        return problem;
    }

    @ExceptionHandler
    ProblemDetail unknown(final UnknownName e) {
        final ProblemDetail problem =
                ProblemDetail.forStatusAndDetail(HttpStatus.UNPROCESSABLE_CONTENT, quotedShortly(e.getMessage()));
        problem.setTitle("Not in the Book");
        problem.setProperty("field", e.field());
        problem.setProperty("allowed", e.allowed());
        return problem;
    }

    @ExceptionHandler
    ProblemDetail stale(final StaleRevision e) {
        final ProblemDetail problem = ProblemDetail.forStatusAndDetail(HttpStatus.CONFLICT, e.getMessage());
        problem.setTitle("Changed elsewhere");
        problem.setProperty("current", e.current());
        return problem;
    }

    @ExceptionHandler
    ProblemDetail raced(final ObjectOptimisticLockingFailureException e) {
        final ProblemDetail problem = ProblemDetail.forStatusAndDetail(
                HttpStatus.CONFLICT,
                "This was changed at the same moment in another window. Load it again, then repeat.");
        problem.setTitle("Changed elsewhere");
        return problem;
    }

    @Override
    protected ResponseEntity<Object> handleMethodArgumentNotValid(
            final MethodArgumentNotValidException e,
            final HttpHeaders headers,
            final HttpStatusCode status,
            final WebRequest request) {
        final List<FieldError> errors = e.getBindingResult().getFieldErrors();
        final ProblemDetail problem = ProblemDetail.forStatusAndDetail(
                HttpStatus.UNPROCESSABLE_CONTENT,
                errors.stream()
                        .map(error -> sentence(words(error.getField()) + " " + error.getDefaultMessage()))
                        .collect(Collectors.joining(" ")));
        problem.setTitle("This value cannot be used");
        problem.setProperty("field", errors.isEmpty() ? "" : errors.get(0).getField());
        return ResponseEntity.unprocessableContent().body(problem);
    }

    @Override
    protected ResponseEntity<Object> handleHandlerMethodValidationException(
            final HandlerMethodValidationException e,
            final HttpHeaders headers,
            final HttpStatusCode status,
            final WebRequest request) {
        final ProblemDetail problem = ProblemDetail.forStatusAndDetail(
                HttpStatus.UNPROCESSABLE_CONTENT,
                e.getParameterValidationResults().stream()
                        .flatMap(each -> each.getResolvableErrors().stream()
                                .map(error -> sentence(words(
                                                error instanceof FieldError field
                                                        ? field.getField()
                                                        : String.valueOf(each.getMethodParameter()
                                                                .getParameterName()))
                                        + " " + error.getDefaultMessage())))
                        .collect(Collectors.joining(" ")));
        problem.setTitle("This value cannot be used");
        return ResponseEntity.unprocessableContent().body(problem);
    }

    @Override
    protected ResponseEntity<Object> handleHttpMessageNotReadable(
            final HttpMessageNotReadableException e,
            final HttpHeaders headers,
            final HttpStatusCode status,
            final WebRequest request) {
        final ProblemDetail problem =
                ProblemDetail.forStatusAndDetail(HttpStatus.BAD_REQUEST, unreadable(e.getMostSpecificCause()));
        problem.setTitle("The request cannot be read");
        return ResponseEntity.badRequest().body(problem);
    }

    /** What came in no more characters than this: what is wrong is told, not sent back. */
    private static final int LONGEST = 60;

    private String unreadable(final Throwable cause) {
        if (cause instanceof InvalidNullException wrong) {
            return "%s is empty. Allowed: %s.".formatted(named(wrong), kind(wrong.getTargetType()));
        }
        if (cause instanceof InvalidFormatException wrong) {
            return "%s is \"%s\". Allowed: %s."
                    .formatted(named(wrong), shortened(String.valueOf(wrong.getValue())), kind(wrong.getTargetType()));
        }
        if (cause instanceof MismatchedInputException wrong) {
            return "%s is missing or of another kind. Allowed: %s."
                    .formatted(named(wrong), kind(wrong.getTargetType()));
        }
        return "The request is not readable JSON.";
    }

    private String named(final JacksonException e) {
        final String path = path(e);
        return path.isEmpty() ? "The request" : shortened(words(path));
    }

    /** What would do, for a type. */
    private static String kind(final @Nullable Class<?> type) {
        if (type == null) {
            return "what the document of this interface says";
        }
        if (type.isEnum()) {
            return "one of " + Arrays.toString(type.getEnumConstants());
        }
        if (type == boolean.class || type == Boolean.class) {
            return "true or false";
        }
        if (type.isPrimitive() || Number.class.isAssignableFrom(type)) {
            return type == int.class || type == long.class ? "a whole number" : "a number";
        }
        if (type == LocalDate.class) {
            return "a day such as 2026-05-01";
        }
        if (type == UUID.class) {
            return "an id such as 123e4567-e89b-42d3-a456-426614174000";
        }
        if (Collection.class.isAssignableFrom(type)) {
            return "a list";
        }
        return type == String.class ? "text" : "an object with its fields";
    }

    private static String shortened(final String text) {
        return text.length() <= LONGEST ? text : text.substring(0, LONGEST - 1) + "…";
    }

    /** What is quoted in a sentence, shortened. */
    private static String quotedShortly(final @Nullable String sentence) {
        return String.valueOf(sentence).replaceAll("\"([^\"]{%d})[^\"]{2,}\"".formatted(LONGEST - 1), "\"$1…\"");
    }

    /** Broken parts of a form, parameters that are missing or of another kind. */
    @ExceptionHandler
    ProblemDetail broken(final MultipartException e) {
        return plain(
                HttpStatus.BAD_REQUEST, "The request cannot be read", "The file did not arrive whole: send it again.");
    }

    @ExceptionHandler
    ProblemDetail wrongParameter(final MethodArgumentTypeMismatchException e) {
        return plain(
                HttpStatus.BAD_REQUEST,
                "This value cannot be used",
                "%s is \"%s\". Allowed: %s."
                        .formatted(
                                sentence(words(e.getName())).replaceFirst("\\.$", ""),
                                shortened(String.valueOf(e.getValue())),
                                kind(e.getRequiredType())));
    }

    /** Two wrote the same at the same moment, again and again. */
    @ExceptionHandler
    ProblemDetail collided(final DataIntegrityViolationException e) {
        log.warn("not stored: {}", e.getMostSpecificCause().getMessage());
        return plain(
                HttpStatus.CONFLICT,
                "Changed elsewhere",
                "What this belongs to was changed or taken away at the same moment. Load it again, then repeat.");
    }

    /** The store cannot write or read: a full disk, a folder that became read-only. */
    @ExceptionHandler({DataAccessException.class, TransactionException.class})
    ProblemDetail cannotStore(final NestedRuntimeException e) {
        if (stopping.stopping() || !DiskFailures.isOne(e)) {
            return unforeseen(e);
        }
        log.error("the store fails", e);
        return plain(
                HttpStatus.INSUFFICIENT_STORAGE,
                "Not kept",
                "This could not be written to the disk, and nothing of it was kept. Is the disk full, or the folder read-only? Make room, then repeat.");
    }

    /** Whatever nobody thought of: told in the log, not to who asked. */
    @ExceptionHandler
    ProblemDetail unforeseen(final RuntimeException e) {
        if (stopping.stopping()) {
            return plain(
                    HttpStatus.SERVICE_UNAVAILABLE,
                    "Loose Knit is being stopped",
                    "Nothing of this was kept. Repeat it once it runs again.");
        }
        log.error("unforeseen", e);
        return plain(
                HttpStatus.INTERNAL_SERVER_ERROR,
                "Something went wrong here",
                "That is a fault of the program, not yours; nothing was changed. The log beside your data says more.");
    }

    private static ProblemDetail plain(final HttpStatus status, final String title, final String detail) {
        final ProblemDetail problem = ProblemDetail.forStatusAndDetail(status, detail);
        problem.setTitle(title);
        return problem;
    }

    private static String path(final JacksonException e) {
        return e.getPath().stream()
                .map(each ->
                        each.getPropertyName() == null ? "[" + each.getIndex() + "]" : "." + each.getPropertyName())
                .collect(Collectors.joining())
                .replaceFirst("^\\.", "");
    }

    private String words(final String field) {
        return fieldWords.of(field);
    }

    private static String sentence(final String text) {
        final String upper = Character.toUpperCase(text.charAt(0)) + text.substring(1);
        return upper.endsWith(".") ? upper : upper + ".";
    }
}
