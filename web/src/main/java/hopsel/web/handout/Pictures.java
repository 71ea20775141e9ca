package hopsel.web.handout;

import hopsel.web.frame.SafePicture;
import hopsel.web.frame.SafePicture.BadPictureException;
import hopsel.web.handout.HandoutMapper.NewPicture;
import hopsel.web.handout.HandoutMapper.PictureRow;

import org.springframework.stereotype.Component;

import java.awt.image.BufferedImage;
import java.util.Optional;

/** Pictures of the host, drawn anew and written as JPEG. */
@Component
class Pictures {

    private static final int LARGEST_EDGE = 1400;

    private final HandoutMapper mapper;

    Pictures(HandoutMapper mapper) {
        this.mapper = mapper;
    }

    /** A picture as it would be kept. */
    static NewPicture read(long classId, byte[] file) throws BadPictureException {
        BufferedImage picture = SafePicture.smaller(SafePicture.decode(file), LARGEST_EDGE);
        return new NewPicture(classId, picture.getWidth(), picture.getHeight(), SafePicture.write(picture, "jpeg"));
    }

    /** Keeps a picture; its number. */
    long keep(NewPicture row) {
        mapper.addPicture(row);
        return row.getId();
    }

    Optional<PictureRow> find(long classId, long id) {
        return mapper.picture(classId, id);
    }
}
