package hopsel.web.handout;

import hopsel.core.handout.HostWords;
import hopsel.formats.handoutfile.HostWordsFile;
import hopsel.web.classes.StaleClassException;

import org.springframework.stereotype.Repository;

/** What the host writes for the handouts of a class. */
@Repository
public class WordsStore {

    private final HandoutMapper mapper;

    WordsStore(HandoutMapper mapper) {
        this.mapper = mapper;
    }

    /** With the version that a change has to name; 0: nothing was written yet. */
    record Kept(int version, HostWords words) {}

    /** What the host wrote for the handouts of a class. */
    public HostWords words(long id) {
        return of(id).words;
    }

    Kept of(long id) {
        return mapper.words(id)
                .map(row -> new Kept(row.version(), HostWordsFile.read(row.document())))
                .orElse(new Kept(0, HostWords.NONE));
    }

    /** Where nobody has written anything yet. */
    public void begin(long id, HostWords words) {
        mapper.insertWords(id, HostWordsFile.write(words));
    }

    void keep(long id, int version, HostWords words) throws StaleClassException {
        String document = HostWordsFile.write(words);
        if ((version == 0 ? mapper.insertWords(id, document) : mapper.updateWords(id, version, document)) == 0) {
            throw new StaleClassException(id, version);
        }
    }
}
