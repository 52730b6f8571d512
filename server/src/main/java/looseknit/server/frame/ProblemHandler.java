package looseknit.server.frame;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Arrays;
import java.util.List;
import java.util.Properties;
import java.util.stream.Collectors;
import looseknit.core.measure.Allowed;
import looseknit.core.measure.OutOfRangeException;
import looseknit.server.message.Speech;
import org.springframework.core.io.ClassPathResource;
import org.springframework.core.io.support.PropertiesLoaderUtils;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.orm.ObjectOptimisticLockingFailureException;
import org.springframework.validation.FieldError;
import org.springframework.web.bind.MethodArgumentNotValidException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.method.annotation.HandlerMethodValidationException;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.exc.InvalidFormatException;
import tools.jackson.databind.exc.MismatchedInputException;

/** Turns failures into problem details (RFC 9457): what is wrong, where, and what would be accepted. */
@RestControllerAdvice
class ProblemHandler extends ResponseEntityExceptionHandler {

    private final Properties fieldWords;
    private final Speech speech;

    ProblemHandler(final Speech speech) {
        this.speech = speech;
        try {
            this.fieldWords = PropertiesLoaderUtils.loadProperties(new ClassPathResource("field-words.properties"));
        } catch (final IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    @ExceptionHandler
    ProblemDetail outOfRange(final OutOfRangeException e) {
        final ProblemDetail problem = ProblemDetail.forStatusAndDetail(
                HttpStatus.UNPROCESSABLE_CONTENT,
                speech.wording().of(Allowed.SENTENCE.with(words(e.field()), e.value(), e.allowed())));
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
                ProblemDetail.forStatusAndDetail(HttpStatus.UNPROCESSABLE_CONTENT, e.getMessage());
        problem.setTitle(e.title());
        return problem;
    }

    @ExceptionHandler
    ProblemDetail unknown(final UnknownName e) {
        final ProblemDetail problem =
                ProblemDetail.forStatusAndDetail(HttpStatus.UNPROCESSABLE_CONTENT, e.getMessage());
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
                                .map(error -> sentence(words(String.valueOf(
                                                each.getMethodParameter().getParameterName()))
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

    private String unreadable(final Throwable cause) {
        if (cause instanceof InvalidFormatException wrong
                && wrong.getTargetType().isEnum()) {
            return "%s is \"%s\". Allowed: one of %s."
                    .formatted(
                            words(path(wrong)),
                            wrong.getValue(),
                            Arrays.toString(wrong.getTargetType().getEnumConstants()));
        }
        if (cause instanceof MismatchedInputException wrong) {
            return "%s is missing or not of the kind that is expected.".formatted(words(path(wrong)));
        }
        return "The request is not readable JSON.";
    }

    private static String path(final JacksonException e) {
        return e.getPath().stream()
                .map(each ->
                        each.getPropertyName() == null ? "[" + each.getIndex() + "]" : "." + each.getPropertyName())
                .collect(Collectors.joining())
                .replaceFirst("^\\.", "");
    }

    private String words(final String field) {
        final String known = fieldWords.getProperty(field);
        if (known != null) {
            return known;
        }
        final String last = field.substring(field.lastIndexOf('.') + 1);
        return fieldWords.getProperty(last, field);
    }

    private static String sentence(final String text) {
        final String upper = Character.toUpperCase(text.charAt(0)) + text.substring(1);
        return upper.endsWith(".") ? upper : upper + ".";
    }
}
