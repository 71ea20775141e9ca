package hopsel.web.handout;

import hopsel.core.handout.HostWords.DishWords;

import org.springframework.stereotype.Component;

import java.util.stream.Collectors;

/** Lists of the host's words as lines of a field. Templates call it {@code @wordsLines}. */
@Component
public class WordsLines {

    /** Each variant a line, with its reason after a bar. */
    public String variants(DishWords words) {
        return words.variants().stream()
                .map(variant -> variant.what() + (variant.why().isEmpty() ? "" : " | " + variant.why()))
                .collect(Collectors.joining("\n"));
    }
}
