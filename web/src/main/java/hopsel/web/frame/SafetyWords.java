package hopsel.web.frame;

import hopsel.core.diet.Doubt;
import hopsel.core.mise.SafetyCheck.Broken;
import hopsel.core.planned.PlannedClass;

import org.springframework.context.MessageSource;
import org.springframework.stereotype.Component;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;

/** What is not safe, and what is not known, in words. Templates call it {@code @safetyWords}. */
@Component("safetyWords")
public class SafetyWords {

    private static final int LONGEST_QUOTE = 80;
    private static final int DAY = 24 * 3600;

    private final MessageSource messages;
    private final Figures figures;

    SafetyWords(MessageSource messages, Figures figures) {
        this.messages = messages;
        this.figures = figures;
    }

    /** A limit of food safety that a plan breaks, and what would mend it. */
    public String broken(Broken broken, PlannedClass planned) {
        String step = planned.cooking().step(broken.step()).title();
        String items = broken.items().stream()
                .map(item -> planned.catalogue().get(item).name())
                .collect(Collectors.joining(", "));
        return messages.getMessage(
                "unsafe." + broken.limit(), new Object[] {step, span(broken.seconds()), items}, Locale.ENGLISH);
    }

    /** Days, where hours would have to be divided in one's head. */
    private String span(int seconds) {
        return seconds >= 2 * DAY ? "%d days".formatted(seconds / DAY) : figures.time(seconds);
    }

    /** Why not everything is said of what something is made without: a sentence for each kind of doubt. */
    public List<String> doubts(List<Doubt> doubts) {
        return Arrays.stream(Doubt.Why.values())
                .filter(why -> doubts.stream().anyMatch(doubt -> doubt.why() == why))
                .map(why -> messages.getMessage(
                        "doubt." + why,
                        new Object[] {
                            doubts.stream()
                                    .filter(doubt -> doubt.why() == why)
                                    .map(doubt -> shortened(doubt.words()))
                                    .collect(Collectors.joining(", "))
                        },
                        Locale.ENGLISH))
                .toList();
    }

    private static String shortened(String words) {
        return words.length() <= LONGEST_QUOTE ? words : words.substring(0, LONGEST_QUOTE) + "…";
    }
}
