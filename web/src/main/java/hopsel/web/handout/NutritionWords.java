package hopsel.web.handout;

import hopsel.core.item.Catalogue;
import hopsel.core.nutrition.Versions.Basis;
import hopsel.core.nutrition.Versions.Version;

import org.springframework.context.MessageSource;
import org.springframework.stereotype.Component;

import java.math.BigDecimal;
import java.util.Locale;
import java.util.Objects;

/** Names of versions of a dish, and differences with their sign. Templates call it {@code @nutritionWords}. */
@Component
public class NutritionWords {

    private final MessageSource messages;

    NutritionWords(MessageSource messages) {
        this.messages = messages;
    }

    /** What a version is called. */
    public String name(Version version, Catalogue catalogue) {
        if (version.kind() == Basis.AS_WRITTEN) {
            return say("nutrition.written");
        }
        if (version.title() != null) {
            return version.kind() == Basis.LABEL ? say("nutrition.label-of", version.title()) : version.title();
        }
        if (version.item() != null) {
            return say("nutrition.without", catalogue.get(version.item()).name());
        }
        String matter = Objects.requireNonNull(version.matter(), "a school is of something")
                .word();
        return say(
                "nutrition.school", say("matter." + matter), say("school.%s.%s".formatted(matter, version.school())));
    }

    /** A difference. */
    public String signed(BigDecimal difference, String unit) {
        return ((difference.signum() < 0 ? "−" : "+") + difference.abs().toPlainString() + " " + unit).strip();
    }

    private String say(String key, Object... values) {
        return messages.getMessage(key, values, Locale.ENGLISH);
    }
}
