package hopsel.web.kit;

import hopsel.core.kit.Packing;
import org.springframework.stereotype.Component;

import java.util.List;

/** Picks what lies where in a kit. Templates call it {@code @packingWords}. */
@Component
public class PackingWords {

    /** The portions of a compartment. */
    public List<Packing.Portion> in(Packing.Kind kind, Packing.Compartment compartment) {
        return kind.portions().stream().filter(portion -> portion.compartment() == compartment).toList();
    }
}
