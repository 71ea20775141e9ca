package hopsel.web.guest;

import hopsel.web.frame.Secret;

import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.StringNode;

/**
 * For whom something was packed. Which pack went into a kit has to be known for a recall; whose kit it was has not,
 * once they are gone.
 */
@Component
class PackedFor implements KeptOfGuest {

    private static final int SHOWN = 8;

    private final GuestMapper mapper;

    PackedFor(GuestMapper mapper) {
        this.mapper = mapper;
    }

    @Override
    public String place() {
        return "packed";
    }

    @Override
    public JsonNode take(long id, String attendee) {
        String nobody = "erased-" + Secret.fresh().substring(0, SHOWN);
        mapper.packedFor(id, attendee, nobody);
        return StringNode.valueOf(nobody);
    }

    @Override
    public void putBack(long id, String attendee, JsonNode taken) {
        mapper.packedFor(id, taken.asString(""), attendee);
    }
}
