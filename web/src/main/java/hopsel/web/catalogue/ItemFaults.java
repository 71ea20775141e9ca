package hopsel.web.catalogue;

import hopsel.core.classes.Finding;

import org.springframework.context.MessageSource;
import org.springframework.stereotype.Component;
import org.springframework.util.StringUtils;

import java.util.List;
import java.util.Locale;
import java.util.Map;

/** What is wrong with an ingredient that was typed, by the names of its fields on the page. */
@Component
class ItemFaults {

    private static final String NUTRIENTS = "nutrients";

    private final MessageSource messages;

    ItemFaults(MessageSource messages) {
        this.messages = messages;
    }

    /** That an ingredient of that name is there already. */
    String there(String name) {
        return messages.getMessage("item.wrong.there", new Object[] {name}, Locale.ENGLISH);
    }

    /** What is told of each. */
    List<String> said(List<Finding> findings, Map<String, String> typed) {
        return findings.stream().map(finding -> said(finding, typed)).toList();
    }

    /** The field that the first of them is about. */
    String field(List<Finding> findings) {
        return findings.isEmpty() ? "" : field(findings.get(0));
    }

    private String said(Finding finding, Map<String, String> typed) {
        String[] path = finding.place().split("/");
        String field = field(finding);
        String label = label(path);
        boolean figure = finding.message().endsWith("is a text.");
        if (figure) {
            return messages.getMessage(
                    "item.wrong.number", new Object[] {label, typed.getOrDefault(field, "")}, Locale.ENGLISH);
        }
        String text = finding.text()
                .replace("[" + path[path.length - 1] + "]", "“" + typed.getOrDefault(field, "") + "”")
                .replace('[', '“')
                .replace(']', '”');
        return messages.getMessage("item.wrong.other", new Object[] {label, text}, Locale.ENGLISH);
    }

    private static String field(Finding finding) {
        String[] path = finding.place().split("/");
        if (path.length < 2) {
            return "name";
        }
        return path[1].equals(NUTRIENTS) && path.length > 2 ? "n-" + path[2] : path[1];
    }

    private String label(String... path) {
        if (path.length < 2) {
            return messages.getMessage("item.name", null, Locale.ENGLISH);
        }
        boolean nutrient = path[1].equals(NUTRIENTS) && path.length > 2;
        String key = nutrient ? "nutrient." + path[2] : "item." + path[1];
        return StringUtils.capitalize(String.valueOf(messages.getMessage(key, null, path[1], Locale.ENGLISH)));
    }
}
