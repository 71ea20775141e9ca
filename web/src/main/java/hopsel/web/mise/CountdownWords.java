package hopsel.web.mise;

import hopsel.core.classes.CookingClass;
import hopsel.core.mise.Countdown;
import hopsel.web.frame.Figures;

import org.springframework.context.MessageSource;
import org.springframework.stereotype.Component;

import java.math.BigDecimal;
import java.util.List;
import java.util.Locale;
import java.util.Objects;

/** The countdown in words: what to do, and why then. Templates call it {@code @countdownWords}. */
@Component
public class CountdownWords {

    private final MessageSource messages;
    private final Figures figures;

    CountdownWords(MessageSource messages, Figures figures) {
        this.messages = messages;
        this.figures = figures;
    }

    /** What to do. */
    public String what(Countdown.Task task) {
        String key = task.kind() == Countdown.Errand.TEST
                ? "countdown.TEST." + task.why().get(0)
                : "countdown." + task.kind();
        Object[] figures = {
            task.kind() == Countdown.Errand.SHOP ? Integer.valueOf(task.what()) : task.what(), first(task)
        };
        return messages.getMessage(key, figures, Locale.ENGLISH);
    }

    private String first(Countdown.Task task) {
        if (task.why().isEmpty()) {
            return "";
        }
        String first = task.why().get(0);
        return task.kind() == Countdown.Errand.HEAT ? figures.heat(new BigDecimal(first)) : first;
    }

    /** Why then. */
    public String why(CookingClass cooking, Countdown.Task task) {
        List<String> why = task.why();
        Object[] said =
                switch (task.kind()) {
                    case PREP -> new Object[] {clock(cooking, why.get(0)), time(why.get(1))};
                    case STEP -> new Object[] {clock(cooking, why.get(0)), Boolean.parseBoolean(why.get(1)) ? 0 : 1};
                    case HEAT -> new Object[] {why.get(1), clock(cooking, why.get(3)), time(why.get(2))};
                    case WATER -> new Object[] {clock(cooking, why.get(0))};
                    default -> why.toArray();
                };
        return Objects.requireNonNull(messages.getMessage("countdown.why." + task.kind(), said, "", Locale.ENGLISH));
    }

    private String clock(CookingClass cooking, String seconds) {
        return figures.clock(cooking, Integer.parseInt(seconds));
    }

    private String time(String seconds) {
        return figures.whole(Integer.parseInt(seconds));
    }
}
