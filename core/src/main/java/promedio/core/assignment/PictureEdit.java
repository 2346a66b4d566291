package promedio.core.assignment;

import java.util.Optional;
import promedio.core.picture.PictureKind;
import promedio.core.picture.Setting;

/** Edits of the pictures of a sample or table. */
public sealed interface PictureEdit extends Edit permits PictureEdit.SayOfPicture {
    /**
     * Something else said of a picture: its title, an end of its axis, what its heights are.
     *
     * @param item the sample or table it is of
     * @param kind the id of its kind
     * @param setting the id of what is said of
     * @param value what is said; empty for nothing
     */
    @Edit.Written("picture")
    record SayOfPicture(String item, String kind, String setting, String value) implements PictureEdit {
        @Override
        public Assignment apply(Assignment before) {
            Optional<PictureKind> known = PictureKind.find(kind);
            Optional<Setting> said = Setting.find(setting);
            if (known.isEmpty() || said.isEmpty() || !before.has(item)) {
                return before;
            }
            return before.withPictures(item, before.pictures(item).with(known.get(), said.get(), value));
        }

        @Override
        public String undoKey() {
            return "picture";
        }
    }
}
