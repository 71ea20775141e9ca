package hopsel.web.kit;

import hopsel.core.item.Catalogue;
import hopsel.core.kit.PackingRun.Refusal;
import hopsel.web.frame.Figures;

import org.springframework.context.MessageSource;
import org.springframework.stereotype.Component;

import java.util.Locale;
import java.util.stream.Collectors;

/** Why something may not be done at a station, in words. */
@Component
class PackingWords {

    private final MessageSource messages;
    private final Figures figures;

    PackingWords(MessageSource messages, Figures figures) {
        this.messages = messages;
        this.figures = figures;
    }

    String refusal(Refusal refusal, Catalogue catalogue) {
        String items = refusal.items().stream()
                .map(item -> catalogue.find(item).map(known -> known.name()).orElse(item))
                .collect(Collectors.joining(", "));
        return messages.getMessage(
                "weigh.no." + refusal.why(),
                new Object[] {items, figures.grams(refusal.grams()), refusal.by()},
                Locale.ENGLISH);
    }
}
