package neatcorner.app.view;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.application.Platform;
import neatcorner.app.desk.Aside;
import neatcorner.app.desk.Desk;
import neatcorner.core.cut.Makes;
import neatcorner.core.measure.Span;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.phrase.Words;
import neatcorner.core.rack.OffCut;
import neatcorner.core.section.Section;
import neatcorner.core.shop.Moulding;
import neatcorner.core.shop.Shop;

/** An off-cut, and what it makes. */
final class OffCutDetail extends RackDetail<OffCut> {
    private final Aside<Shop, List<StockRows.Lines>> pileMakes = new Aside<>(Platform::runLater);

    OffCutDetail(Desk desk, OffCut item) {
        super(desk, OffCut.class, item);
    }

    @Override
    void entries() {
        choice(
                Labels.get("rack.moulding"),
                () -> desk().shop().mouldings().stream().map(Moulding::section).toList(),
                () -> now().section(),
                Section::name,
                section -> save(now().withSection(section)));
        length("rack.length", OffCut::length, OffCut::withLength);
        line(
                Labels.get("rack.defects"),
                () -> now()
                        .defects().stream()
                                .map(d -> book().exactly(d.from()) + " – " + book().exactly(d.to()))
                                .collect(Collectors.joining("; ")),
                text -> tried(() -> save(now().withDefects(spans(text)))));
        line(
                Labels.get("rack.batch"),
                () -> now().batch(),
                text -> save(now().withBatch(text.strip())));
    }

    private List<Span> spans(String text) {
        return Arrays.stream(text.split(";")).map(String::strip).filter(part -> !part.isEmpty()).map(part -> {
            String[] ends = part.split("\\s+[–-]\\s+");
            if (ends.length != 2) {
                throw new Refusal(Words.plain(Labels.get("rack.defects_rule", part)));
            }
            return new Span(desk().parsed(ends[0]), desk().parsed(ends[1]));
        }).toList();
    }

    /** What this off-cut makes, and what all off-cuts of its section make together. */
    @Override
    void uses() {
        rows(box -> {
            OffCut cut = now();
            List<OffCut> pile = desk().shop().offCutsFor(cut.section());
            box.getChildren().add(text(Labels.get("rack.makes"), "heading"));
            StockRows.makes(
                    this,
                    box,
                    Makes.of(cut.section(), List.of(cut), desk().shop().habits()));
            if (pile.size() > 1) {
                Shop shop = desk().shop();
                StockRows.asked(
                        this,
                        box,
                        pileMakes,
                        shop,
                        Labels.get("rack.pile_makes", pile.size()),
                        () -> List.of(
                                new StockRows.Lines(Optional.empty(), Makes.of(cut.section(), pile, shop.habits()))));
            }
        });
    }
}
