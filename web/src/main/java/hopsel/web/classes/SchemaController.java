package hopsel.web.classes;

import org.springframework.core.io.ClassPathResource;
import org.springframework.core.io.Resource;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;

/** Publishes the JSON Schema of class files. */
@Controller
class SchemaController {

    @GetMapping("/schema/hopsel-class-1.json")
    ResponseEntity<Resource> classSchema() {
        return ResponseEntity.ok().contentType(MediaType.parseMediaType("application/schema+json"))
                .body(new ClassPathResource("hopsel/hopsel-class-1.schema.json"));
    }
}
