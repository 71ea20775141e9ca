package hopsel.web.bench;

import hopsel.core.recipe.SeveralRecipes;
import hopsel.formats.recipefile.RecipeBox;
import hopsel.formats.recipefile.RecipeBox.Leaf;
import hopsel.formats.recipefile.RecipeText;
import hopsel.formats.recipefile.RecipeText.NoTextException;

import org.springframework.context.MessageSource;
import org.springframework.stereotype.Component;
import org.springframework.web.multipart.MultipartFile;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.function.Consumer;

/** Many recipe files at once, by themselves or in an archive: each is taken, or it is said why not. */
@Component
class BroughtMany {

    private static final int LONGEST = 200_000;

    private final MessageSource messages;

    BroughtMany(MessageSource messages) {
        this.messages = messages;
    }

    /**
     * What came of it.
     *
     * @param taken how many recipes
     * @param refused a line for each file that was not taken
     */
    record Outcome(int taken, List<String> refused) {}

    static boolean isMany(List<MultipartFile> files) throws IOException {
        return files.size() > 1
                || files.size() == 1 && RecipeBox.is(files.get(0).getBytes());
    }

    Outcome take(List<MultipartFile> files, Consumer<String> bench) throws IOException {
        List<String> refused = new ArrayList<>();
        int taken = 0;
        for (MultipartFile file : files) {
            for (Leaf leaf : leaves(file, refused)) {
                taken += recipes(leaf, refused, bench);
            }
        }
        return new Outcome(taken, refused);
    }

    private List<Leaf> leaves(MultipartFile file, List<String> refused) throws IOException {
        String name = Objects.requireNonNullElse(file.getOriginalFilename(), "");
        if (!RecipeBox.is(file.getBytes())) {
            return List.of(new Leaf(name, file.getBytes()));
        }
        try {
            return RecipeBox.open(file.getBytes());
        } catch (IOException e) {
            refused.add(say("bench.many.box", name, String.valueOf(RecipeBox.MOST)));
            return List.of();
        }
    }

    private int recipes(Leaf leaf, List<String> refused, Consumer<String> bench) {
        try {
            String text = RecipeText.of(leaf.content());
            if (text.isBlank() || text.length() > LONGEST) {
                refused.add(say(text.isBlank() ? "bench.many.empty" : "bench.many.long", leaf.name()));
                return 0;
            }
            List<String> recipes = SeveralRecipes.in(text);
            recipes.forEach(bench);
            return recipes.size();
        } catch (NoTextException e) {
            refused.add(leaf.name() + ": " + say("bench.refused." + e.refusal()));
            return 0;
        }
    }

    private String say(String key, Object... figures) {
        return messages.getMessage(key, figures, Locale.ENGLISH);
    }
}
