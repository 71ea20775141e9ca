package hopsel.web.frame;

import hopsel.core.dish.Need;
import hopsel.core.kitchen.Tool;
import hopsel.core.measure.Minutes;
import hopsel.core.recipe.Figure;
import hopsel.core.recipe.ToolReader;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** What was typed into a form, read field by field, with a message that names the field and the remedy. */
public final class Entered {

    private static final BigDecimal LARGEST = BigDecimal.valueOf(1_000_000);
    private static final int LONGEST = 9000;
    private static final int DECIMALS = 12;
    /** What word processors paste along and no page or label can show; lines and tabs stay. */
    private static final Pattern UNPRINTABLE = Pattern.compile("[\\p{Cc}&&[^\\n\\r\\t]]");

    private static final Pattern NEED = Pattern.compile("^([\\p{L}-]+(?: "
            + "[\\p{L}-]+)?)(?:\\s*[x×]\\s*(\\d{1,2}))?(?:\\s+(-?\\d{1,3})\\s*(?:°?\\s*C)?)?(?:\\s*(?:±|"
            + "\\+-)\\s*(\\d{1,2}))?$");

    private final Map<String, String> fields;

    /** What was typed, by field. */
    public Entered(Map<String, String> fields) {
        this.fields = fields;
    }

    /** The text in a field; empty: nothing was typed. */
    public Optional<String> text(String field) throws BadEntryException {
        String text = UNPRINTABLE
                .matcher(fields.getOrDefault(field, ""))
                .replaceAll(" ")
                .strip();
        if (text.length() > LONGEST) {
            throw new BadEntryException(field, "is longer than %d characters. Shorten it.".formatted(LONGEST));
        }
        return text.isEmpty() ? Optional.empty() : Optional.of(text);
    }

    /** The text in a field that must not be empty. */
    public String must(String field) throws BadEntryException {
        return text(field).orElseThrow(() -> new BadEntryException(field, "is empty. Fill it in."));
    }

    /** The text in a field that must not be empty, nor longer than so many characters. */
    public String must(String field, int longest) throws BadEntryException {
        return shorter(field, must(field), longest);
    }

    /** The text in a field, or empty text, no longer than so many characters. */
    public String maybe(String field, int longest) throws BadEntryException {
        return shorter(field, text(field).orElse(""), longest);
    }

    private static String shorter(String field, String text, int longest) throws BadEntryException {
        if (text.length() > longest) {
            throw new BadEntryException(field, "is longer than %d characters. Shorten it.".formatted(longest));
        }
        return text;
    }

    /** A number, with point or comma or as a fraction; empty: nothing was typed. */
    public Optional<BigDecimal> number(String field) throws BadEntryException {
        Optional<String> text = text(field);
        if (text.isEmpty()) {
            return Optional.empty();
        }
        BigDecimal number = Figure.parse(text.get())
                .orElseThrow(() -> new BadEntryException(
                        field, "is “%s”, which isn't a number. Write it like 7.5 or ½.".formatted(text.get())));
        if (number.abs().compareTo(LARGEST) >= 0) {
            throw new BadEntryException(
                    field,
                    "is “%s”, which is too large. Give a number under %s."
                            .formatted(text.get(), LARGEST.toPlainString()));
        }
        return Optional.of(storable(number));
    }

    /** A third has more decimals than anything can keep; twelve are more than a kitchen needs. */
    private static BigDecimal storable(BigDecimal number) {
        return number.scale() > DECIMALS
                ? number.setScale(DECIMALS, RoundingMode.HALF_UP).stripTrailingZeros()
                : number;
    }

    /** A number above zero. */
    public Optional<BigDecimal> positive(String field) throws BadEntryException {
        Optional<BigDecimal> number = number(field);
        if (number.isPresent() && number.get().signum() <= 0) {
            throw new BadEntryException(
                    field, "is %s. It has to be above 0.".formatted(number.get().toPlainString()));
        }
        return number;
    }

    /** Minutes of 0 or more, under a year; {@code 1:30} is an hour and a half. */
    public Optional<Minutes> minutes(String field) throws BadEntryException {
        Optional<String> text = text(field);
        Matcher clock = Pattern.compile("(\\d{1,3}):(\\d{2})").matcher(text.orElse(""));
        if (clock.matches()) {
            return Optional.of(Minutes.of(Long.parseLong(clock.group(1)) * 60 + Long.parseLong(clock.group(2))));
        }
        Optional<BigDecimal> number = number(field);
        if (number.isPresent()
                && (number.get().signum() < 0 || number.get().compareTo(BigDecimal.valueOf(525_600)) >= 0)) {
            throw new BadEntryException(
                    field,
                    "is %s minutes. It has to be 0 or more, and less than a year."
                            .formatted(number.get().toPlainString()));
        }
        return number.map(Minutes::of);
    }

    /** Needs as one types them: {@code oven 200, burner x2, blender}. */
    public List<Need> needs(String field) throws BadEntryException {
        List<Need> needs = new ArrayList<>();
        for (String part : text(field).orElse("").split("[,;\\n]")) {
            if (part.isBlank()) {
                continue;
            }
            Matcher matcher = NEED.matcher(part.strip());
            if (!matcher.matches()) {
                throw new BadEntryException(
                        field,
                        "has “%s”, which we don't understand. Write it like: oven 200, burner x2, blender."
                                .formatted(part.strip()));
            }
            String kind = matcher.group(1).toLowerCase(Locale.ROOT).replace(' ', '-');
            int units = matcher.group(2) == null ? 1 : Math.max(1, Integer.parseInt(matcher.group(2)));
            Optional<BigDecimal> celsius = Optional.ofNullable(matcher.group(3)).map(BigDecimal::new);
            BigDecimal tolerance =
                    celsius.isEmpty() || matcher.group(4) == null ? BigDecimal.ZERO : new BigDecimal(matcher.group(4));
            needs.add(new Need(kind, units, celsius, tolerance));
        }
        return needs;
    }

    /** Tools as one types them, with commas or on lines: {@code 3 large bowls, whisk}. */
    public List<Tool> tools(String field) throws BadEntryException {
        List<Tool> tools = new ArrayList<>();
        for (String part : text(field).orElse("").split("[,;\\n]")) {
            try {
                if (!part.isBlank()) {
                    tools.add(ToolReader.parse(part));
                }
            } catch (IllegalArgumentException e) {
                throw new BadEntryException(
                        field,
                        "has “%s”, which isn't a tool we know. Write it like: 3 large bowls, whisk, frying pan 26 cm."
                                .formatted(part.strip()));
            }
        }
        return tools;
    }

    /** A whole number between two others; empty: nothing was typed. */
    public Optional<Integer> whole(String field, int least, int most) throws BadEntryException {
        Optional<BigDecimal> number = number(field);
        if (number.isPresent()
                && (number.get().stripTrailingZeros().scale() > 0
                        || number.get().intValue() < least
                        || number.get().intValue() > most)) {
            throw new BadEntryException(
                    field,
                    "is %s. Give a whole number from %d to %d."
                            .formatted(number.get().toPlainString(), least, most));
        }
        return number.map(BigDecimal::intValue);
    }

    /** A need as one types it. */
    public static String text(Need need) {
        return need.kind().replace('-', ' ')
                + (need.units() > 1 ? " x" + need.units() : "")
                + need.celsius().map(c -> " " + c.toPlainString()).orElse("")
                + (need.tolerance().signum() > 0 ? " ± " + need.tolerance().toPlainString() : "");
    }

    /** One of several words. */
    public <E> E choice(String field, E[] choices, Function<E, String> word) throws BadEntryException {
        String text = must(field);
        return Arrays.stream(choices)
                .filter(choice -> word.apply(choice).equals(text))
                .findFirst()
                .orElseThrow(() -> new BadEntryException(
                        field,
                        "is “%s”, which is not one of the choices: %s."
                                .formatted(
                                        text,
                                        String.join(
                                                ", ",
                                                Arrays.stream(choices).map(word).toList()))));
    }

    /** Whether a box was ticked. */
    public boolean isChecked(String field) {
        return fields.containsKey(field);
    }

    /** All fields as they were typed. */
    public Map<String, String> fields() {
        return fields;
    }

    /** Something typed that cannot be taken; the field is named by its message key. */
    public static final class BadEntryException extends Exception {

        private static final long serialVersionUID = 1L;

        private final String field;

        /** The field by its key, and what is wrong with it, after its name. */
        public BadEntryException(String field, String message) {
            super(message);
            this.field = field;
        }

        /** Every one of them says something. */
        @Override
        public String getMessage() {
            return Objects.requireNonNull(super.getMessage());
        }

        /** The field's key. */
        public String field() {
            return field;
        }
    }
}
