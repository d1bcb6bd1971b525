/** Works the atlas was compiled from. Where they differ, the wider range stands. */
export const SOURCES: Record<string, string> = {
	'elliott-humpesch-2010':
		'Elliott, J. M. & Humpesch, U. H. (2010). Mayfly larvae (Ephemeroptera) of Britain and Ireland: keys and a review of their ecology. Freshwater Biological Association.',
	'bauernfeind-soldan-2012':
		'Bauernfeind, E. & Soldán, T. (2012). The mayflies of Europe (Ephemeroptera). Apollo Books.',
	'brittain-1982': 'Brittain, J. E. (1982). Biology of mayflies. Annual Review of Entomology 27, 119–147.',
	'hynes-1977':
		'Hynes, H. B. N. (1977). A key to the adults and nymphs of the British stoneflies (Plecoptera). Freshwater Biological Association.',
	'brittain-1990':
		'Brittain, J. E. (1990). Life history strategies in Ephemeroptera and Plecoptera. In: Mayflies and Stoneflies, 1–12. Kluwer.',
	'wallace-2003':
		'Wallace, I. D., Wallace, B. & Philipson, G. N. (2003). Keys to the case-bearing caddis larvae of Britain and Ireland. Freshwater Biological Association.',
	'edington-hildrew-1995':
		'Edington, J. M. & Hildrew, A. G. (1995). A revised key to the caseless caddis larvae of the British Isles. Freshwater Biological Association.',
	'wiggins-2004':
		'Wiggins, G. B. (2004). Caddisflies: the underwater architects. University of Toronto Press.',
	'armitage-1995':
		'Armitage, P. D., Cranston, P. S. & Pinder, L. C. V. (eds) (1995). The Chironomidae: biology and ecology of non-biting midges. Chapman & Hall.',
	'merritt-2008':
		'Merritt, R. W., Cummins, K. W. & Berg, M. B. (eds) (2008). An introduction to the aquatic insects of North America. Kendall/Hunt.',
	'thorp-covich-2010':
		'Thorp, J. H. & Covich, A. P. (eds) (2010). Ecology and classification of North American freshwater invertebrates. Academic Press.',
	'kottelat-freyhof-2007':
		'Kottelat, M. & Freyhof, J. (2007). Handbook of European freshwater fishes. Cornol and Berlin.',
	'hoelldobler-wilson-1990': 'Hölldobler, B. & Wilson, E. O. (1990). The ants. Harvard University Press.'
};
