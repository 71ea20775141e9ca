package hopsel.web.classes;

import hopsel.formats.classfile.ClassFile;

import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;

/** Publishes the JSON Schema of class files, made of what reads and writes them. */
@Controller
class SchemaController {

    @GetMapping("/schema/hopsel-class-{version:[12]}.json")
    ResponseEntity<String> classSchema(@PathVariable int version) {
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType("application/schema+json"))
                .body(ClassFile.schema(version));
    }
}
