package hopsel.web.mise;

import hopsel.core.mise.SetBowl;

import org.springframework.stereotype.Component;

import java.util.stream.Collectors;

/** Names for what stands ready. Templates call it {@code @miseWords}. */
@Component
public class MiseWords {

    /** What is in a bowl. */
    public String names(SetBowl bowl) {
        return bowl.parts().stream().map(part -> part.counted().name()).collect(Collectors.joining(", "));
    }
}
