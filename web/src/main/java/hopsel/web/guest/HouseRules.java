package hopsel.web.guest;

import hopsel.web.guest.SignupMapper.RuleRow;

import org.springframework.stereotype.Repository;

import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/**
 * Names for what belongs together, such as the rule of a faith or of one's own. Who names one avoids all that it stands
 * for.
 */
@Repository
public class HouseRules {

    private final SignupMapper mapper;

    HouseRules(SignupMapper mapper) {
        this.mapper = mapper;
    }

    /** The words that each name stands for. */
    public Map<String, List<String>> all() {
        Map<String, List<String>> all = new LinkedHashMap<>();
        mapper.rules()
                .forEach(row -> all.put(row.name(), Arrays.asList(row.words().split(","))));
        return all;
    }

    /** The words that a name stands for, without regard to capitals. */
    public Optional<List<String>> find(String said) {
        return all().entrySet().stream()
                .filter(rule -> rule.getKey()
                        .toLowerCase(Locale.ROOT)
                        .equals(said.strip().toLowerCase(Locale.ROOT)))
                .map(Map.Entry::getValue)
                .findFirst();
    }

    /** Keeps a name; without words it is forgotten. Whoever named it before keeps what it stood for then. */
    public void keep(String name, List<String> words) {
        if (words.isEmpty()) {
            mapper.dropRule(name);
        } else {
            mapper.putRule(new RuleRow(name, String.join(",", words)));
        }
    }
}
