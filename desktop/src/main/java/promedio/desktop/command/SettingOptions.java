package promedio.desktop.command;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import picocli.CommandLine;
import picocli.CommandLine.Model.OptionSpec;
import promedio.core.picture.PictureKind;
import promedio.core.picture.Setting;
import promedio.core.picture.Wish;
import promedio.core.sentence.Sentence;

/** What can be said of a picture on the command line: an option for each {@link Setting}, by its id. */
final class SettingOptions {
    private SettingOptions() {}

    private static String name(Setting setting) {
        return "--" + setting.id();
    }

    /** A command with these options. */
    static CommandLine onto(CommandLine command) {
        for (Setting setting : Setting.values()) {
            List<String> choices = setting.choices();
            command.getCommandSpec()
                    .addOption(OptionSpec.builder(name(setting))
                            .type(String.class)
                            .paramLabel(choices.isEmpty() ? "TEXT" : String.join("|", choices))
                            .description(Sentence.of("setting." + setting.id()).toString())
                            .build());
        }
        return command;
    }

    /** What was said of a picture. @throws CommandLine.ParameterException for a choice that there is not */
    static Wish wish(PictureKind kind, CommandLine command) {
        Map<Setting, String> said = new EnumMap<>(Setting.class);
        for (Setting setting : Setting.values()) {
            String value = command.getParseResult().matchedOptionValue(name(setting), null);
            List<String> choices = setting.choices();
            if (value != null && !choices.isEmpty() && !choices.contains(value)) {
                throw new CommandLine.ParameterException(
                        command, name(setting) + " takes " + String.join(", ", choices) + ", not '" + value + "'.");
            }
            if (value != null) {
                said.put(setting, value);
            }
        }
        return new Wish(kind, said);
    }
}
