package neatcorner.app.view;

import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyCodeCombination;
import javafx.scene.input.KeyCombination;
import javafx.scene.input.KeyEvent;

/** What the keyboard does, listed by F1. */
enum Shortcut {
    /** This list. */
    HELP(new KeyCodeCombination(KeyCode.F1), "F1"),
    /** The jobs. */
    JOBS(ctrl(KeyCode.J), "Ctrl J"),
    /** A new job. */
    NEW(ctrl(KeyCode.N), "Ctrl N"),
    /** The shop's page. */
    SHOP(ctrl(KeyCode.K), "Ctrl K"),
    /** The saw: proving it, and what its errors do. */
    SAW(ctrl(KeyCode.M), "Ctrl M"),
    /** The bench: one card after another. */
    BENCH(new KeyCodeCombination(KeyCode.F11), "F11"),
    /** Instruments with a cable. */
    GAUGES(ctrl(KeyCode.G), "Ctrl G"),
    /** Something on the rack. */
    FIND(ctrl(KeyCode.R), "Ctrl R"),
    /** The next station. */
    NEXT(new KeyCodeCombination(KeyCode.PAGE_DOWN), "Page down"),
    /** The station before. */
    PREVIOUS(new KeyCodeCombination(KeyCode.PAGE_UP), "Page up"),
    /** The station ticked off, or opened again. */
    SETTLE(ctrl(KeyCode.ENTER), "Ctrl Enter"),
    /** One edit back. */
    UNDO(ctrl(KeyCode.Z), "Ctrl Z"),
    /** One edit forward. */
    REDO(new KeyCodeCombination(KeyCode.Z, KeyCombination.SHORTCUT_DOWN, KeyCombination.SHIFT_DOWN), "Ctrl Shift Z"),
    /** Inches and millimetres. */
    UNITS(ctrl(KeyCode.U), "Ctrl U"),
    /** Finer marks on the tape. */
    FINER(new KeyCodeCombination(KeyCode.U, KeyCombination.SHORTCUT_DOWN, KeyCombination.SHIFT_DOWN), "Ctrl Shift U"),
    /** Day and evening. */
    LIGHT(ctrl(KeyCode.L), "Ctrl L"),
    /** Larger text. */
    LARGER(ctrl(KeyCode.PLUS), "Ctrl +"),
    /** Smaller text. */
    SMALLER(ctrl(KeyCode.MINUS), "Ctrl −"),
    /** The sheet as a PDF. */
    SHEET(ctrl(KeyCode.P), "Ctrl P"),
    /** The job written to a file. */
    SAVE_AS(ctrl(KeyCode.S), "Ctrl S"),
    /** A job read from a file. */
    OPEN(ctrl(KeyCode.O), "Ctrl O"),
    /** A number typed over. */
    TYPE(new KeyCodeCombination(KeyCode.F2), "F2");

    private final KeyCombination keys;
    private final String shown;

    Shortcut(KeyCombination keys, String shown) {
        this.keys = keys;
        this.shown = shown;
    }

    private static KeyCombination ctrl(KeyCode code) {
        return new KeyCodeCombination(code, KeyCombination.SHORTCUT_DOWN);
    }

    /** As it is written in the list. */
    String shown() {
        return shown;
    }

    /** Whether these keys are meant; the plus sign has several keys. */
    boolean matches(KeyEvent key) {
        boolean plus = this == LARGER
                && key.isShortcutDown()
                && (key.getCode() == KeyCode.EQUALS || key.getCode() == KeyCode.ADD);
        boolean minus = this == SMALLER && key.isShortcutDown() && key.getCode() == KeyCode.SUBTRACT;
        return keys.match(key) || plus || minus;
    }
}
