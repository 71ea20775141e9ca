package hopsel.web.bench;

import hopsel.core.bench.Draft;
import hopsel.core.bench.KitchenAnswers;
import hopsel.core.bench.KitchenAnswers.Answer;
import hopsel.core.bench.KitchenAnswers.Settled;
import hopsel.core.bench.KitchenAnswers.What;
import hopsel.core.item.Item;
import hopsel.web.catalogue.HouseCatalogue;

import org.springframework.stereotype.Component;

import java.time.Clock;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;

/** What the house answers in every dish. */
@Component
class KitchenMemory {

    private static final int LONGEST = 300;

    private final KitchenAnswerMapper mapper;
    private final HouseCatalogue house;
    private final Clock clock;

    KitchenMemory(KitchenAnswerMapper mapper, HouseCatalogue house, Clock clock) {
        this.mapper = mapper;
        this.house = house;
        this.clock = clock;
    }

    /** Gives the answers to what is new in a dish. */
    Settled settle(Optional<Draft> before, Draft after) {
        List<Answer> answers = mapper.all().stream()
                .map(row -> new Answer(row.what(), row.subject(), row.answer()))
                .toList();
        return new KitchenAnswers(answers).settle(before, after, house.now());
    }

    /** Remembers an answer; the last one counts. What is longer than any name or reason is not kept. */
    void keep(Answer answer, String who) {
        if (answer.subject().length() <= LONGEST && answer.answer().length() <= LONGEST) {
            LocalDateTime now = LocalDateTime.ofInstant(clock.instant(), ZoneOffset.UTC);
            mapper.put(new KitchenAnswerMapper.Row(answer.what(), answer.subject(), answer.answer(), who, now));
        }
    }

    void forget(What what, String subject) {
        mapper.remove(what, subject);
    }

    /** All answers, as a page shows them. */
    List<Shown> all() {
        return mapper.all().stream().map(row -> new Shown(row, name(row))).toList();
    }

    private String name(KitchenAnswerMapper.Row row) {
        return row.what() == What.MEANS
                ? house.now().find(row.answer()).map(Item::name).orElse(row.answer())
                : row.answer();
    }

    /** An answer with the name of what it says. */
    record Shown(KitchenAnswerMapper.Row row, String answer) {

        /** The words or the item, or the rule of the advice. */
        public String about() {
            return row.what() == What.MEANS
                    ? row.subject().replace('-', ' ')
                    : row.subject().replaceFirst(":.*", "");
        }

        /** The item that the advice is about; empty: all. */
        public String item() {
            return row.what() == What.MEANS || !row.subject().contains(":")
                    ? ""
                    : row.subject().replaceFirst("[^:]*:", "").replace('-', ' ');
        }
    }
}
