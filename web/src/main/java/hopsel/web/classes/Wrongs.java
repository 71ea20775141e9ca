package hopsel.web.classes;

import hopsel.core.classes.Finding;
import hopsel.web.frame.OneMoment;

import jakarta.servlet.http.HttpServletRequest;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.annotation.AnnotationUtils;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.http.HttpStatus;
import org.springframework.security.access.AccessDeniedException;
import org.springframework.web.ErrorResponse;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.servlet.ModelAndView;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;

/**
 * What no page of its own says: that something could not be stored, and what had been typed, so that none of it is
 * lost.
 */
@ControllerAdvice
class Wrongs {

    private static final Logger LOG = LoggerFactory.getLogger(Wrongs.class);
    private static final Set<String> NOT_TYPED = Set.of(
            "_csrf",
            "version",
            "action",
            "back",
            "pick",
            "step",
            "key",
            "press",
            "shown",
            "client",
            "password",
            "again",
            "old",
            "code");
    private static final int LONG = 200;

    @ExceptionHandler(UnreadableException.class)
    ModelAndView unreadable(UnreadableException problem, HttpServletRequest request) {
        return page(
                HttpStatus.UNPROCESSABLE_CONTENT,
                "typed.unreadable",
                problem.findings().stream().map(Finding::text).toList(),
                request);
    }

    @ExceptionHandler(DataIntegrityViolationException.class)
    ModelAndView tooMuch(DataIntegrityViolationException problem, HttpServletRequest request) {
        LOG.warn(
                "Something typed at {} could not be stored: {}",
                request.getServletPath(),
                problem.getMostSpecificCause().getClass().getSimpleName());
        List<String> longest = typed(request).entrySet().stream()
                .filter(entry -> entry.getValue().length() > LONG)
                .map(entry -> "%s has %d characters."
                        .formatted(entry.getKey(), entry.getValue().length()))
                .toList();
        return page(HttpStatus.UNPROCESSABLE_CONTENT, "typed.too-long", longest, request);
    }

    /** A field that no page of ours fills in so: an old form, or one that somebody changed. */
    @ExceptionHandler(MethodArgumentTypeMismatchException.class)
    ModelAndView odd(MethodArgumentTypeMismatchException problem, HttpServletRequest request) {
        LOG.warn("The field {} of {} was of another kind.", problem.getName(), request.getServletPath());
        return page(HttpStatus.BAD_REQUEST, "typed.odd", List.of(), request);
    }

    @ExceptionHandler(BrokenClassException.class)
    ModelAndView broken(BrokenClassException problem) {
        LOG.error("Class {} cannot be read: {}", problem.id(), problem.findings());
        ModelAndView page = new ModelAndView("classes/broken", HttpStatus.CONFLICT);
        page.addObject("id", problem.id());
        page.addObject("title", problem.title());
        page.addObject("findings", problem.findings());
        return page;
    }

    /** Whatever nobody thought of; what the framework answers by itself it still does. */
    @ExceptionHandler(Exception.class)
    ModelAndView other(Exception problem, HttpServletRequest request) throws Exception {
        boolean answered = problem instanceof ErrorResponse
                || problem instanceof AccessDeniedException
                || AnnotationUtils.findAnnotation(problem.getClass(), ResponseStatus.class) != null;
        if (answered || OneMoment.isAway(problem) || !"POST".equals(request.getMethod())) {
            throw problem;
        }
        LOG.error("POST {} failed.", request.getServletPath(), problem);
        return page(HttpStatus.INTERNAL_SERVER_ERROR, "typed.failed", List.of(), request);
    }

    private static ModelAndView page(HttpStatus status, String title, List<String> why, HttpServletRequest request) {
        ModelAndView page = new ModelAndView("frame/typed", status);
        page.addObject("title", title);
        page.addObject("why", why);
        page.addObject("typed", typed(request));
        return page;
    }

    private static Map<String, String> typed(HttpServletRequest request) {
        Map<String, String> typed = new TreeMap<>();
        request.getParameterMap().forEach((field, values) -> {
            String text =
                    Arrays.stream(values).filter(value -> !value.isBlank()).collect(Collectors.joining(", "));
            if (!text.isEmpty() && !NOT_TYPED.contains(field.replaceAll("-\\d+$", ""))) {
                typed.put(field, text);
            }
        });
        return typed;
    }
}
