package upshot.core.frame;

import upshot.core.measure.Degrees;

/** A place or a direction in the small world, metres. */
record Point3(double x, double y, double z) {

    Point3 plus(Point3 other) {
        return new Point3(x + other.x, y + other.y, z + other.z);
    }

    Point3 minus(Point3 other) {
        return new Point3(x - other.x, y - other.y, z - other.z);
    }

    /** Turned clockwise from above round the upright axis. */
    Point3 turned(double clockwiseDeg) {
        double sin = Degrees.sin(clockwiseDeg);
        double cos = Degrees.cos(clockwiseDeg);
        return new Point3(x * cos + y * sin, y * cos - x * sin, z);
    }

    Point3 times(double factor) {
        return new Point3(x * factor, y * factor, z * factor);
    }

    Point3 towards(Point3 other, double share) {
        return plus(other.minus(this).times(share));
    }

    double dot(Point3 other) {
        return x * other.x + y * other.y + z * other.z;
    }

    Point3 cross(Point3 other) {
        return new Point3(y * other.z - z * other.y, z * other.x - x * other.z, x * other.y - y * other.x);
    }
}
