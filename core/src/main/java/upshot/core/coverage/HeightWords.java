package upshot.core.coverage;

import upshot.core.size.CameraHeight;

/** Heights as they are said of a camera. */
final class HeightWords {

    private HeightWords() {}

    static String said(CameraHeight height) {
        return switch (height) {
            case LOW -> "low";
            case WAIST -> "at the waist";
            case EYE -> "at the eyes";
            case HIGH -> "high";
            case LEVEL -> "level with it";
            case RAISED -> "a little above it";
            case FROM_45 -> "from 45°";
            case OVERHEAD -> "overhead";
        };
    }
}
