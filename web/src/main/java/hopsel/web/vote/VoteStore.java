package hopsel.web.vote;

import hopsel.web.vote.VoteMapper.IdeaRow;
import hopsel.web.vote.VoteMapper.RatingRow;

import org.springframework.stereotype.Repository;

import java.time.Clock;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/** Ideas for coming classes; each guest has one vote, and may change it. */
@Repository
public class VoteStore {

    private static final int BEST = 5;
    private static final int LONGEST = 1000;

    private final VoteMapper mapper;
    private final Clock clock;

    VoteStore(VoteMapper mapper, Clock clock) {
        this.mapper = mapper;
        this.clock = clock;
    }

    /** An idea: dishes of the bench by their numbers. */
    public record Idea(long id, String title, List<Long> dishes, int votes) {}

    /** What a guest says of a class: 1 to 5, and a remark. */
    public record Rating(int stars, String remark) {}

    /** Open ideas, in the order in which they came: nobody is swayed by the count. */
    public List<Idea> ideas() {
        Map<Long, Integer> counts = new HashMap<>();
        mapper.counts().forEach(row -> counts.put(row.ideaId(), row.votes()));
        return mapper.ideas().stream()
                .map(row -> new Idea(
                        row.id(),
                        row.title(),
                        Arrays.stream(row.dishes().split(","))
                                .filter(text -> !text.isEmpty())
                                .map(Long::valueOf)
                                .toList(),
                        counts.getOrDefault(row.id(), 0)))
                .toList();
    }

    void add(String title, List<Long> dishes, String who) {
        mapper.addIdea(new IdeaRow(
                0, title, dishes.stream().map(String::valueOf).collect(Collectors.joining(",")), true, who));
    }

    void close(long id) {
        mapper.close(id);
    }

    /** What a guest voted for. */
    public Optional<Long> vote(long classId, String attendee) {
        return mapper.vote(classId, attendee);
    }

    /** Their vote, in the place of the one before; for an idea that is gone, nothing happens. */
    public void vote(long classId, String attendee, long idea) {
        if (ideas().stream().anyMatch(own -> own.id() == idea)) {
            mapper.putVote(classId, attendee, idea, now());
        }
    }

    /** What a guest says of a class, in the place of what they said before. */
    public void rate(long classId, String attendee, int stars, String remark) {
        mapper.putRating(
                classId,
                new RatingRow(
                        attendee,
                        Math.max(1, Math.min(BEST, stars)),
                        remark.substring(0, Math.min(LONGEST, remark.length())),
                        now()));
    }

    /** What guests said, without who. */
    public List<Rating> ratings(long classId) {
        return mapper.ratings(classId).stream()
                .map(row -> new Rating(row.stars(), row.remark()))
                .toList();
    }

    private LocalDateTime now() {
        return LocalDateTime.ofInstant(clock.instant(), ZoneOffset.UTC);
    }
}
