package hopsel.web.demo;

import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;

import java.io.IOException;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;

/** The files of the demonstration. */
final class DemoFiles {

    private DemoFiles() {}

    /** Those that match a pattern, in the order of their names. */
    static List<Resource> matching(String pattern) throws IOException {
        return Arrays.stream(new PathMatchingResourcePatternResolver().getResources("classpath:hopsel/demo/" + pattern))
                .sorted(Comparator.comparing(Resource::getFilename))
                .toList();
    }
}
