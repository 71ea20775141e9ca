package hopsel.core.recipe;

import hopsel.core.measure.Decimals;
import hopsel.core.measure.Measures;

import java.math.BigDecimal;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Reads how much of something that is made is taken: {@code a third of it}, {@code 200 g}, {@code all but half a cup}.
 */
public final class TakenShare {

    private static final Pattern PARTS =
            Pattern.compile("(third|quarter|half|halve|fifth|tenth|%|per ?cent)s?", Pattern.CASE_INSENSITIVE);
    private static final Pattern ALL_BUT =
            Pattern.compile("(?:all(?: of it)?|everything) (?:but|except|bar) (.+)", Pattern.CASE_INSENSITIVE);
    private static final String OF_IT = "(?i)\\s*(?:of (?:it|this|that|the .*)|of)?\\s*\\.?$";

    private TakenShare() {}

    /**
     * The share of what there is.
     *
     * @param grams that there are; empty: nobody knows
     * @param millilitres that there are
     * @return above 0; empty where the words are no amount, or it cannot be held against what there is
     */
    public static Optional<BigDecimal> of(
            String words, Optional<BigDecimal> grams, Optional<BigDecimal> millilitres, Measures measures) {
        Matcher allBut = ALL_BUT.matcher(words.strip());
        return allBut.matches()
                ? written(allBut.group(1), grams, millilitres, measures)
                        .map(BigDecimal.ONE::subtract)
                        .filter(share -> share.signum() > 0)
                : written(words, grams, millilitres, measures);
    }

    private static Optional<BigDecimal> written(
            String words, Optional<BigDecimal> grams, Optional<BigDecimal> millilitres, Measures measures) {
        String plain = Numbers.plain(words).strip().replaceFirst(OF_IT, "");
        return Numbers.read(plain).filter(number -> number.high().signum() > 0).flatMap(number -> {
            String rest = number.rest().strip();
            return rest.isEmpty()
                    ? Optional.of(number.high()).filter(share -> share.compareTo(BigDecimal.ONE) <= 0)
                    : parts(rest, number.high()).or(() -> weighed(rest, number.high(), grams, millilitres, measures));
        });
    }

    private static Optional<BigDecimal> parts(String rest, BigDecimal count) {
        Matcher parts = PARTS.matcher(rest);
        if (!parts.matches()) {
            return Optional.empty();
        }
        int whole =
                switch (parts.group(1).toLowerCase(Locale.ROOT)) {
                    case "half", "halve" -> 2;
                    case "third" -> 3;
                    case "quarter" -> 4;
                    case "fifth" -> 5;
                    case "tenth" -> 10;
                    default -> 100;
                };
        return Optional.of(Decimals.ratio(count, BigDecimal.valueOf(whole)))
                .filter(share -> share.compareTo(BigDecimal.ONE) <= 0);
    }

    private static Optional<BigDecimal> weighed(
            String rest,
            BigDecimal count,
            Optional<BigDecimal> grams,
            Optional<BigDecimal> millilitres,
            Measures measures) {
        return UnitWords.first(rest).filter(found -> found.rest().isBlank()).flatMap(found -> {
            BigDecimal many = count.multiply(found.word().factor());
            Optional<BigDecimal> weight = found.word().unit().grams().map(many::multiply);
            Optional<BigDecimal> volume =
                    measures.millilitres(found.word().unit()).map(many::multiply);
            return weight.flatMap(own -> grams.map(all -> Decimals.ratio(own, all)))
                    .or(() -> volume.flatMap(own -> millilitres.map(all -> Decimals.ratio(own, all))));
        });
    }
}
