package upshot.core.brief;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.function.Supplier;
import upshot.core.measure.Labelled;
import upshot.core.plan.Body;
import upshot.core.plan.Card;
import upshot.core.plan.Carrier;
import upshot.core.plan.Dioptre;
import upshot.core.plan.FrameRates;
import upshot.core.plan.Lens;
import upshot.core.plan.Light;
import upshot.core.plan.Mode;
import upshot.core.plan.NdFilter;
import upshot.core.plan.PlanRecord;
import upshot.core.plan.Ranks;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Support;

/** Kits to begin with. They are nobody's products: round figures of the usual sizes. */
public enum GenericKit implements Labelled {
    PHONE("Phone", "one phone, its lenses, a hand grip") {
        @Override
        void fill(Writer kit) {
            UUID phone = kit.body("Phone", 32, 3200, 120);
            kit.mode(phone, "4K", 3840, 2160, ORDINARY, 9.8, 5.5, 55, true);
            kit.mode(phone, "HD quick", 1920, 1080, "120, 240", 6.5, 3.7, 60, true);
            kit.lens("Wide 4 mm", 4, 4, 2.2, 0.1);
            kit.lens("Main 7 mm", 7, 7, 1.8, 0.15);
            kit.lens("Long 15 mm", 15, 15, 2.8, 0.5);
            kit.carrier("Hand grip", Support.HAND_HELD, 0.05, 2.2, 0);
            kit.carrier("Small tripod", Support.TRIPOD, 0.1, 1.4, 0);
            kit.cards("Inside the phone", 1, 128, 60);
        }
    },
    BODY_AND_ZOOM("One body and a zoom", "4K to 60, HD to 120 cropped; 24–70; tripod, gimbal") {
        @Override
        void fill(Writer kit) {
            bodyA(kit);
            kit.lens("24–70", 24, 70, 2.8, 0.38);
            kit.carrier("Tripod", Support.TRIPOD, 0.35, 1.8, 0);
            kit.carrier("Gimbal", Support.GIMBAL, 0.2, 2.1, 5);
            kit.nd("ND 6", 6);
            kit.cards("128 GB", 2, 128, 90);
        }
    },
    TWO_BODIES_AND_PRIMES("Two bodies with primes", "24, 35, 50, 85; tripod, slider, gimbal") {
        @Override
        void fill(Writer kit) {
            bodyA(kit);
            UUID second = kit.body("Body B", 100, 12_800, 80);
            kit.mode(second, "4K", 3840, 2160, "23.976, 24, 25, 29.97, 30", 24.9, 14.0, 100, false);
            kit.mode(second, "HD", 1920, 1080, "50, 59.94, 60", 24.9, 14.0, 60, true);
            kit.lens("24 mm", 24, 24, 1.8, 0.25);
            kit.lens("35 mm", 35, 35, 1.8, 0.35);
            kit.lens("50 mm", 50, 50, 1.8, 0.45);
            kit.lens("85 mm", 85, 85, 1.8, 0.80);
            kit.carrier("Tripod", Support.TRIPOD, 0.35, 1.8, 0);
            kit.carrier("Slider", Support.SLIDER, 0.2, 1.6, 0.8);
            kit.carrier("Gimbal", Support.GIMBAL, 0.2, 2.1, 5);
            kit.nd("ND 6", 6);
            kit.cards("128 GB", 4, 128, 90);
        }
    },
    PRODUCT_TABLE("Product table", "close lenses, overhead rig, turntable, two panels") {
        @Override
        void fill(Writer kit) {
            bodyA(kit);
            kit.lens("35 mm", 35, 35, 1.8, 0.35);
            kit.lens("100 mm close", 100, 100, 2.8, 0.30);
            kit.dioptre("Close-up +2", 2);
            kit.carrier("Tripod", Support.TRIPOD, 0.35, 1.8, 0);
            kit.carrier("Overhead rig", Support.OVERHEAD, 0.8, 2.0, 0);
            kit.carrier("Turntable", Support.TURNTABLE, 0.35, 1.8, 0);
            kit.carrier("Slider", Support.SLIDER, 0.2, 1.6, 0.6);
            kit.light("Panel", 100, 5000);
            kit.light("Small panel", 30, 1500);
            kit.cards("128 GB", 2, 128, 90);
        }
    };

    private static final String ORDINARY = "23.976, 24, 25, 29.97, 30, 50, 59.94, 60";

    private final String label;
    private final String content;

    GenericKit(String label, String content) {
        this.label = label;
        this.content = content;
    }

    abstract void fill(Writer kit);

    private static void bodyA(Writer kit) {
        UUID body = kit.body("Body A", 100, 25_600, 100);
        kit.mode(body, "4K", 3840, 2160, ORDINARY, 24.9, 14.0, 100, true);
        kit.mode(body, "HD cropped 1.5×", 1920, 1080, "100, 119.88, 120", 16.6, 9.3, 60, true);
    }

    @Override
    public String label() {
        return label;
    }

    /** What is in it, in a line. */
    public String content() {
        return content;
    }

    /** Fresh records of this kit; what is referred to comes before what refers to it. */
    public List<PlanRecord> records(Supplier<UUID> ids) {
        Writer writer = new Writer(ids);
        fill(writer);
        return List.copyOf(writer.records);
    }

    /** Writes a kit down line by line. */
    static final class Writer {

        private final Supplier<UUID> ids;
        private final List<PlanRecord> records = new ArrayList<>();

        private Writer(Supplier<UUID> ids) {
            this.ids = ids;
        }

        private double nextRank() {
            return (records.size() + 1) * Ranks.STEP;
        }

        UUID body(String name, int lowestIso, int highestIso, double batteryMin) {
            Body body = RecordKind.BODY.with(Body.draft(ids.get(), name), "rank", nextRank());
            body = RecordKind.BODY.with(body, "highestIso", highestIso);
            body = RecordKind.BODY.with(body, "lowestIso", lowestIso);
            records.add(RecordKind.BODY.with(body, "batteryMin", batteryMin));
            return body.id();
        }

        void mode(
                UUID body,
                String name,
                int widthPx,
                int heightPx,
                String rates,
                double sensorWidthMm,
                double sensorHeightMm,
                double mbps,
                boolean scales) {
            records.add(new Mode(
                    ids.get(),
                    body,
                    name,
                    nextRank(),
                    widthPx,
                    heightPx,
                    FrameRates.parse(rates),
                    sensorWidthMm,
                    sensorHeightMm,
                    mbps,
                    scales));
        }

        void lens(String name, double shortestMm, double longestMm, double widestN, double nearLimitM) {
            Lens lens = Lens.zoom(ids.get(), name, shortestMm, longestMm, widestN, nearLimitM);
            records.add(RecordKind.LENS.with(lens, "rank", nextRank()));
        }

        void dioptre(String name, double strengthPerM) {
            records.add(new Dioptre(ids.get(), name, nextRank(), strengthPerM));
        }

        void nd(String name, double stops) {
            records.add(new NdFilter(ids.get(), name, nextRank(), stops));
        }

        void carrier(String name, Support support, double lowestM, double highestM, double travelM) {
            records.add(new Carrier(ids.get(), name, nextRank(), support, lowestM, highestM, travelM));
        }

        void cards(String name, int count, double gigabytes, double copyMegabytesPerS) {
            records.add(new Card(ids.get(), name, nextRank(), count, gigabytes, copyMegabytesPerS));
        }

        void light(String name, double watts, double luxAtOneM) {
            records.add(new Light(ids.get(), name, nextRank(), watts, luxAtOneM, true));
        }
    }
}
