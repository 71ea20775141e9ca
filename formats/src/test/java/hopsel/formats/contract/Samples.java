package hopsel.formats.contract;

import hopsel.core.classes.CookingClass;
import hopsel.formats.classfile.BuiltInCatalogue;
import hopsel.formats.classfile.ClassFile;
import hopsel.formats.classfile.FaultyFileException;
import hopsel.formats.json.Json;

import tools.jackson.databind.JsonNode;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;

/** The sample files of the contract. */
public final class Samples {

    private Samples() {}

    public static byte[] bytes(String name) {
        try (InputStream in = Samples.class.getResourceAsStream("/contract/" + name + ".json")) {
            return in.readAllBytes();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    public static JsonNode json(String name) {
        return Json.read(bytes(name));
    }

    public static CookingClass cooking(String name) {
        try {
            return ClassFile.read(bytes(name), BuiltInCatalogue.load());
        } catch (FaultyFileException e) {
            throw new IllegalStateException(e);
        }
    }
}
